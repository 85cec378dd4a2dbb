import { z } from 'zod';
import { instantSchema } from './bounds';

/** How a backup calls itself, so that another archive is told from one. */
export const BACKUP_FORMAT = 'open-palm-backup';

/**
 * Raised when what lies in a backup, or how, changes so that an older Open Palm cannot read it. Since 2 it carries the list of what was erased, which
 * an older one would not heed.
 */
export const BACKUP_VERSION = 2;

export const MANIFEST_NAME = 'manifest.json';
export const DATABASE_NAME = 'studio.sqlite';
/** Keyed hashes of the ids that were erased. */
export const ERASED_NAME = 'erased.json';

/** The only places that a backup's files can have: nothing in it can name a place outside of the studio. */
const FILE_FORM =
  /^(studio\.sqlite|erased\.json|(pictures|outbox)\/[A-Za-z0-9][A-Za-z0-9._-]{0,150})$/;

const sha256Schema = z.string().regex(/^[0-9a-f]{64}$/);

/** One file of a backup, and by what it is known to be whole. */
export const backupFileSchema = z
  .object({
    name: z.string().regex(FILE_FORM),
    bytes: z.number().int().nonnegative(),
    sha256: sha256Schema,
  })
  .strict();

/** What a backup says of itself: its last entry, because only then all hashes are known. */
export const backupManifestSchema = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.number().int().positive(),
  madeAt: instantSchema,
  /** Which build of Open Palm made it. */
  build: z.string().max(80),
  studio: z.object({ id: z.string().max(80), name: z.string().max(200).nullable() }),
  /** Up to when students were erased from it, where it was written anew since it was made. */
  erasedUpTo: instantSchema.nullable().default(null),
  /** The last change of the tables that its database knows. */
  tables: z.string().max(120),
  holds: z.object({
    students: z.number().int().nonnegative(),
    looks: z.number().int().nonnegative(),
    pictures: z.number().int().nonnegative(),
    /** Pictures whose file was gone already when it was made. */
    picturesMissing: z.number().int().nonnegative(),
  }),
  files: z.array(backupFileSchema).min(1),
});

/** What differs between a studio and its last backup: what would be lost with this machine. */
export const sinceBackupSchema = z.object({
  looks: z.number().int().nonnegative(),
  /** Notes of lessons, takes of strokes and relaxed hands. */
  notes: z.number().int().nonnegative(),
  /** Changes of students, holds and whatever else is edited. */
  edits: z.number().int().nonnegative(),
  pictures: z.number().int().nonnegative(),
});

/** A backup that is kept. Each was read back and found whole before it got its name. */
export const keptBackupSchema = z.object({
  /** The file's name. */
  name: z.string(),
  kind: z.enum(['daily', 'asked']),
  madeAt: instantSchema,
  bytes: z.number().int().nonnegative(),
  holds: backupManifestSchema.shape.holds,
});

/** How it stands with a studio's backups. */
export const backupStateSchema = z.object({
  folder: z.string(),
  /** Whether they lie on the disk that the studio lies on: what takes one takes both. */
  sameDisk: z.boolean(),
  /** Whether one is made by itself each day on which something is new; not of a demo. */
  isDaily: z.boolean(),
  isBusy: z.boolean(),
  /** Why the last one could not be made, in words; null where it could. */
  failed: z.string().nullable(),
  /** The newest first. */
  backups: z.array(keptBackupSchema),
  /** Files that were backups once and cannot be read any more. */
  unreadable: z.array(z.string()),
  /** Null where there is none yet. */
  since: sinceBackupSchema.nullable(),
});

export type BackupFile = z.infer<typeof backupFileSchema>;
export type BackupManifest = z.infer<typeof backupManifestSchema>;
export type KeptBackup = z.infer<typeof keptBackupSchema>;
export type SinceBackup = z.infer<typeof sinceBackupSchema>;
export type BackupState = z.infer<typeof backupStateSchema>;

/** What is told of a backup before it is put in the place of the studio: every file of it was held against its hash. */
export const restorePreviewSchema = z.object({
  /** By which this very backup is put back. */
  token: z.string(),
  madeAt: instantSchema,
  bytes: z.number().int().nonnegative(),
  studio: backupManifestSchema.shape.studio,
  /** Whether it is one of the studio that is here. */
  isOurs: z.boolean(),
  holds: backupManifestSchema.shape.holds,
  /** What came here after it was made, and is set aside with everything else that is here. */
  since: sinceBackupSchema,
});

/** How far a restore is. */
export const restoreStateSchema = z.object({
  step: z.enum(['none', 'unpacking', 'moving', 'done', 'failed']),
  /** Why it failed, in words; nothing was changed then. */
  problem: z.string().nullable(),
  /** Of when the backup was. */
  madeAt: instantSchema.nullable(),
  /** Where what was here before lies now. */
  aside: z.string().nullable(),
});

export type RestorePreview = z.infer<typeof restorePreviewSchema>;
export type RestoreState = z.infer<typeof restoreStateSchema>;
