import { createHash, randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdtemp, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { BackupManifest, RestoreState } from '@open-palm/contract';
import { backupWords } from '@open-palm/words/backups';
import { faultOf } from '../faultOf';
import type { Log } from '../middleware/errors';
import { BackupProblem, diskProblem } from './backupProblem';
import { commitRestore } from './restoreBackup';
import type { RunBackup } from './runBackup';
import { WORK } from './unfinished';

/** A backup that was looked at and may be put back. */
export interface Looked {
  token: string;
  bytes: number;
  manifest: BackupManifest;
}

/** Where a backup is looked at and put in the place of the studio that is served, on an owner's word. */
export interface RestoreDesk {
  state(): RestoreState;
  /**
   * Holds a backup against its hashes.
   *
   * @param from a file that is kept here, or one that is sent
   * @throws BackupProblem
   */
  look(from: { file: string } | { sent: Readable }): Promise<Looked>;
  /**
   * Begins to put back what was looked at; how it ends stands in the state.
   *
   * @returns false where nothing was looked at under that name, or another restore is under way
   */
  begin(token: string): boolean;
  /** Drops what was sent and looked at, unless it is being put back. */
  forget(): Promise<void>;
}

export interface DeskParts {
  dataDir: string;
  run: RunBackup;
  now: () => Date;
  /**
   * Answers nobody any more, closes the studio, and opens it again.
   *
   * @param commit is called when nobody writes any more
   */
  reopen(commit: () => Promise<void>): Promise<void>;
  log: Log;
}

/** How long a person has to decide about what they looked at, ms. */
const KEPT_MS = 30 * 60_000;

const NOTHING: RestoreState = { step: 'none', problem: null, madeAt: null, aside: null };

export function openDesk({ dataDir, run, now, reopen, log }: DeskParts): RestoreDesk {
  let state = NOTHING;
  let looked: (Looked & { file: string; folder: string | null }) | null = null;
  const isBusy = () => state.step === 'unpacking' || state.step === 'moving';

  /** What was sent is laid down before it is looked at. It goes when another one comes, when it was put back, and after a while. */
  async function forget(): Promise<void> {
    if (looked?.folder) await rm(looked.folder, { recursive: true, force: true });
    looked = null;
  }

  async function layDown(sent: Readable): Promise<{ file: string; folder: string }> {
    const folder = await mkdtemp(join(dataDir, WORK));
    const file = join(folder, 'sent.zip');
    try {
      await pipeline(sent, createWriteStream(file, { mode: 0o600 }));
    } catch (error) {
      await rm(folder, { recursive: true, force: true });
      throw diskProblem(error, dataDir);
    }
    return { file, folder };
  }

  async function putBack(file: string, madeAt: string): Promise<void> {
    state = { ...NOTHING, step: 'unpacking', madeAt };
    try {
      await run.unpack({ dataDir, unpack: file });
      state = { ...state, step: 'moving' };
      let aside: string | null = null;
      await reopen(async () => {
        aside = await commitRestore(dataDir, now());
      });
      state = { ...NOTHING, step: 'done', madeAt, aside };
    } catch (error) {
      if (!(error instanceof BackupProblem)) {
        log({ level: 'error', route: 'restore', stack: faultOf(error) });
      }
      const problem = error instanceof BackupProblem ? error.message : backupWords.notRestored;
      state = { ...NOTHING, step: 'failed', problem };
    } finally {
      await forget();
    }
  }

  const release = async () => {
    if (!isBusy()) await forget();
  };

  return {
    forget: release,
    state: () => state,
    async look(from) {
      if (isBusy()) throw new BackupProblem(backupWords.restoring);
      await forget();
      const { file, folder } =
        'sent' in from ? await layDown(from.sent) : { file: from.file, folder: null };
      try {
        const manifest = await run.verify({ verify: file });
        const { size } = await stat(file);
        const token = createHash('sha256').update(randomUUID()).digest('hex');
        looked = { token, manifest, bytes: size, file, folder };
        setTimeout(() => void (looked?.token === token && release()), KEPT_MS).unref();
        if (!isBusy()) state = NOTHING;
        return { token, manifest, bytes: size };
      } catch (error) {
        if (folder) await rm(folder, { recursive: true, force: true });
        throw error;
      }
    },
    begin(token) {
      if (isBusy() || looked?.token !== token) return false;
      void putBack(looked.file, looked.manifest.madeAt);
      return true;
    },
  };
}
