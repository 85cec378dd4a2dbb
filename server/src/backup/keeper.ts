import { existsSync, statSync } from 'node:fs';
import { readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import type { BackupManifest, BackupState, KeptBackup, SinceBackup } from '@open-palm/contract';
import { calendarDay, dateOfDay } from '@open-palm/records/time';
import type { ErasedIds } from '../erase/erasedIds';
import { studiosSetAside } from '../erase/sweepFolder';
import { faultOf } from '../faultOf';
import type { Log } from '../middleware/errors';
import { backupWords } from '@open-palm/words/backups';
import { BackupProblem } from './backupProblem';
import { readManifest } from './readBackup';
import { sinceOf } from './repo';
import { askedName, dailyName, kindOf, toDrop } from './rotation';
import { dropUnfinished } from './unfinished';
import type { RunBackup } from './runBackup';

/** How often it is looked whether the day's backup is due, ms. */
const LOOK_EVERY_MS = 30 * 60_000;

/** A studio's backups: those that are there, the next one, and one a day by itself. */
export interface BackupKeeper {
  state(): Promise<BackupState>;
  /**
   * Makes one now.
   *
   * @throws BackupProblem
   */
  backUp(kind: KeptBackup['kind']): Promise<void>;
  /** Begins one, unless one is being made; how it ends stands in the state. */
  start(): void;
  /** Where the backup of a name lies; null for any other name. */
  fileOf(name: string): string | null;
  /** Makes the day's, where it is not there and anything has changed since the last. */
  lookWhetherDue(): Promise<void>;
  /** Takes out of every backup, and out of studios that were set aside, the students who were erased since they were made. */
  eraseFromAll(): Promise<void>;
  /** How many backups still hold a student who was erased. */
  holding(): Promise<number>;
  /** Makes one a day from now on, where anything has changed since the last. */
  begin(): void;
  close(): Promise<void>;
}

export interface KeeperParts {
  reader: Knex;
  dataDir: string;
  /** Where they are kept, best on another disk. */
  folder: string;
  build: string;
  run: RunBackup;
  erased: ErasedIds;
  now: () => Date;
  zone: () => string;
  log: Log;
}

export function openKeeper(parts: KeeperParts): BackupKeeper {
  const { reader, dataDir, folder, build, run, erased, now, zone, log } = parts;
  const manifests = new Map<string, { at: number; manifest: BackupManifest | null }>();
  let busy: Promise<void> | null = null;
  let failed: string | null = null;
  let isAsked = false;
  let timer: NodeJS.Timeout | undefined;

  const noteFault = (error: unknown) => {
    log({ level: 'error', route: 'backup', stack: faultOf(error) });
  };

  /** What a kept file says of itself; read once, as long as it stays the same file. */
  async function manifestIn(name: string, mtimeMs: number): Promise<BackupManifest | null> {
    const known = manifests.get(name);
    if (known?.at === mtimeMs) return known.manifest;
    const manifest = await readManifest(join(folder, name)).catch(() => null);
    manifests.set(name, { at: mtimeMs, manifest });
    return manifest;
  }

  async function kept(): Promise<{ backups: KeptBackup[]; unreadable: string[] }> {
    const names = existsSync(folder) ? await readdir(folder) : [];
    const backups: KeptBackup[] = [];
    const unreadable: string[] = [];
    for (const name of names) {
      const kind = kindOf(name);
      if (!kind) continue;
      const { size, mtimeMs } = await stat(join(folder, name));
      const manifest = await manifestIn(name, mtimeMs);
      if (manifest === null) unreadable.push(name);
      else {
        const { madeAt, holds } = manifest;
        backups.push({ name, kind, madeAt, bytes: size, holds });
      }
    }
    return { backups: backups.sort((a, b) => b.madeAt.localeCompare(a.madeAt)), unreadable };
  }

  async function make(kind: KeptBackup['kind']): Promise<void> {
    const at = now();
    const name = kind === 'daily' ? dailyName(dateOfDay(calendarDay(at, zone()))) : askedName(at);
    try {
      await run.make({ dataDir, to: join(folder, name), madeAt: at.toISOString(), build });
      failed = null;
    } catch (error) {
      failed = error instanceof BackupProblem ? error.message : backupWords.failed;
      throw error;
    }
    for (const old of toDrop(await readdir(folder))) await rm(join(folder, old), { force: true });
  }

  async function backUp(kind: KeptBackup['kind']): Promise<void> {
    // Whoever asks while one is made gets one that holds what was there when they asked.
    while (busy) await busy.catch(() => undefined);
    busy = make(kind);
    try {
      await busy;
    } finally {
      busy = null;
    }
  }

  /** Names of backups that hold a student who was erased since. */
  async function holdingErased(): Promise<string[]> {
    const upTo = erased.studentsUpTo();
    if (upTo === null) return [];
    const { backups } = await kept();
    const names: string[] = [];
    for (const { name } of backups) {
      const manifest = manifests.get(name)?.manifest;
      if (manifest && holdsErased(manifest, upTo)) names.push(name);
    }
    return names;
  }

  async function eraseFromAll(): Promise<void> {
    while (busy) await busy.catch(() => undefined);
    busy = (async () => {
      for (const name of await holdingErased()) {
        await run.rewrite({ dataDir, rewrite: join(folder, name) }).catch(noteFault);
      }
      if (erased.studentsUpTo() === null) return;
      for (const aside of await studiosSetAside(dataDir)) {
        await run.sweep({ dataDir, sweep: aside }).catch(noteFault);
      }
    })();
    try {
      await busy;
    } finally {
      busy = null;
    }
  }

  async function lookWhetherDue(): Promise<void> {
    const { backups } = await kept();
    const [last] = backups;
    const today = dailyName(dateOfDay(calendarDay(now(), zone())));
    if (existsSync(join(folder, today))) return;
    if (last && isNothing(await sinceOf(reader, last.madeAt))) return;
    if (!last && (await reader('students').first('id')) === undefined) return;
    await backUp('daily');
  }

  const look = () => void lookWhetherDue().catch(noteFault);

  return {
    eraseFromAll,
    holding: async () => (await holdingErased()).length,
    backUp,
    lookWhetherDue,
    start() {
      if (isAsked) return;
      isAsked = true;
      void backUp('asked')
        .then(eraseFromAll)
        .catch(noteFault)
        .finally(() => (isAsked = false));
    },
    async state() {
      const { backups, unreadable } = await kept();
      const [last] = backups;
      return {
        folder,
        sameDisk: isSameDisk(dataDir, folder),
        isDaily: timer !== undefined,
        isBusy: busy !== null,
        failed,
        backups,
        unreadable,
        since: last ? await sinceOf(reader, last.madeAt) : null,
      };
    },
    fileOf: (name) => (kindOf(name) && existsSync(join(folder, name)) ? join(folder, name) : null),
    begin() {
      void dropUnfinished(folder).then(eraseFromAll).catch(noteFault).then(look);
      timer = setInterval(look, LOOK_EVERY_MS);
      timer.unref();
    },
    async close() {
      clearInterval(timer);
      await busy?.catch(() => undefined);
    },
  };
}

/** A folder that is still to be made lies on the disk of the one above it, as far as can be told. */
function isSameDisk(dataDir: string, folder: string): boolean {
  const place = existsSync(folder) ? folder : join(folder, '..');
  return !existsSync(place) || statSync(place).dev === statSync(dataDir).dev;
}

/** Whether a student was erased after a backup was made, or last gone through. */
const holdsErased = ({ madeAt, erasedUpTo }: BackupManifest, upTo: string): boolean =>
  erasedUpTo === null ? madeAt <= upTo : erasedUpTo < upTo;

const isNothing = ({ looks, notes, edits, pictures }: SinceBackup): boolean =>
  looks + notes + edits + pictures === 0;
