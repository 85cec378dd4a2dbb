import { z } from 'zod';
import { problemText } from '@open-palm/core/problem';
import { idSchema } from './ids';
import { shortNameSchema, studioSettingsSchema } from './studioSettings';

/** Who somebody is in the studio: an owner lets people and devices in and keeps the studio's files; a teacher teaches. */
export const ROLES = ['owner', 'teacher'] as const;
export type Role = (typeof ROLES)[number];

export const personSchema = z.object({
  id: idSchema,
  name: shortNameSchema,
  role: z.enum(ROLES),
});
export type Person = z.infer<typeof personSchema>;

/** Fewest letters of a passphrase: NIST SP 800-63B section 5.1.1.1 asks for eight and for no other rule. */
export const PASSPHRASE_LEAST = 8;
/** More is hashed as well, but is a mistake. */
const PASSPHRASE_MOST = 256;

export const passphraseSchema = z
  .string()
  .min(PASSPHRASE_LEAST, problemText('tooShort', { least: PASSPHRASE_LEAST }))
  .max(PASSPHRASE_MOST, problemText('tooLong', { most: PASSPHRASE_MOST }));

/** What was typed to be compared: any text, it is right or it is not. */
const typedSchema = z
  .string()
  .min(1)
  .max(4 * PASSPHRASE_MOST);

/** A one-time code: 128 random bits as base64url. */
export const codeSchema = z
  .string()
  .regex(/^[\w-]{22}$/, problemText('wrongForm', { form: 'a one-time code' }));

/**
 * How somebody stands at the studio's door.
 *
 * - open: a studio without a passphrase, as the demo: whoever is at this machine is in
 * - new: nobody has begun this studio yet
 * - unknown: this device was never let in from the network, or was put out
 * - asks: this device waits for the owner
 * - out: nobody is signed in here
 * - locked: signed in, and the screen is locked
 * - in: signed in
 */
export const STANDINGS = ['open', 'new', 'unknown', 'asks', 'out', 'locked', 'in'] as const;

export const accessSchema = z.object({
  standing: z.enum(STANDINGS),
  me: personSchema.nullable(),
  /** Whether the one who is signed in has a passphrase: a device may be let in before. */
  hasPassphrase: z.boolean(),
  /** Who can sign in; told only to this machine and to devices that were let in. */
  people: z.array(personSchema.pick({ id: true, name: true })),
  /** This device, as the studio knows it. */
  device: z.object({ id: idSchema, name: z.string(), sign: z.string() }).nullable(),
  /** Whether it is asked from the studio's own machine. */
  isLocal: z.boolean(),
  /** Where devices of the network reach the studio, the steadiest first; empty where they are not let in. */
  origins: z.array(z.string()),
  /** Null before anybody began the studio. */
  settings: studioSettingsSchema.nullable(),
});
export type Access = z.infer<typeof accessSchema>;

/** The first run: who the owner is and how the studio is called. */
export const firstRunSchema = z.object({
  code: codeSchema,
  name: shortNameSchema,
  passphrase: passphraseSchema,
  settings: studioSettingsSchema,
});
export type FirstRun = z.infer<typeof firstRunSchema>;

export const signInSchema = z.object({ personId: idSchema, passphrase: typedSchema });
export const unlockSchema = z.object({ passphrase: typedSchema });
export const newPassphraseSchema = z.object({
  /** What it was, where there was one. */
  current: typedSchema.nullable(),
  next: passphraseSchema,
});
export const renewPassphraseSchema = z.object({ code: codeSchema, passphrase: passphraseSchema });
export const pairSchema = z.object({ code: codeSchema, name: shortNameSchema });
export const newCodeSchema = z.object({
  personId: idSchema,
  /** By the number of this machine instead of its name, for a phone that does not find the name. */
  byNumber: z.boolean(),
});
export const nameOnlySchema = z.object({ name: shortNameSchema });
export const personInputSchema = personSchema.omit({ id: true });

/** A one-time link, shown once. */
export const codeAnswerSchema = z.object({ url: z.string(), until: z.string() });
export type CodeAnswer = z.infer<typeof codeAnswerSchema>;

export const deviceSchema = z.object({
  id: idSchema,
  name: z.string(),
  personId: idSchema,
  /** Whether it waits to be let in, is in, or was put out. */
  state: z.enum(['asks', 'in', 'out']),
  /** Three digits that stand on both screens while it asks. */
  sign: z.string(),
  addedAt: z.string(),
  seenAt: z.string(),
});
export type Device = z.infer<typeof deviceSchema>;

/** Who and what has come in, for the owner. */
export const visitorsSchema = z.object({
  people: z.array(personSchema.extend({ hasPassphrase: z.boolean(), isOut: z.boolean() })),
  devices: z.array(deviceSchema),
});
export type Visitors = z.infer<typeof visitorsSchema>;

/** How phones reach the studio; null where they are not let in. */
export const phonesSchema = z.object({
  /** The studio's addresses for phones, the steadiest first. */
  origins: z.array(z.string()),
  /** The page that hands the certificate out, while it is open. */
  trustUrl: z.string().nullable(),
  trustUntil: z.string().nullable(),
  /** Whether any device has come over the secure way since that page was opened: then one trusts it. */
  wasReached: z.boolean(),
  /** SHA-256 of the authority's certificate, to be compared on both screens. */
  fingerprint: z.string(),
  /** Until when the studio's own certificate holds. */
  certificateUntil: z.string(),
});
export type Phones = z.infer<typeof phonesSchema>;
export const phonesInputSchema = z.object({ on: z.boolean() });
export const phonesAnswerSchema = z.object({
  phones: phonesSchema.nullable(),
  /** A name of the teacher's own, behind a proxy: devices come in by it without the studio's certificate. */
  publicOrigin: z.string().nullable(),
});
export type PhonesAnswer = z.infer<typeof phonesAnswerSchema>;
