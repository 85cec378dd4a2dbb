import { faultOf } from '../faultOf';
import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Knex } from 'knex';
import { inTransaction } from '../db/inTransaction';
import { findCheckFacts } from '../features/checks/repo';
import { newestContacts, newestMeasures, PORTRAIT_CHECKS } from '../lastSeen/repo';
import type { Log } from '../middleware/errors';
import { findRelaxedHand, latestHolds } from '../references/repo';
import { findStudent } from '../features/students/repo';
import { gripOf } from '@open-palm/records/grip';
import { findHold } from '@open-palm/records/holds';
import type { DrawnOn } from './drawBadge';
import { holdOf } from '../references/holdOf';
import { keepTrack, newestTrackChecks, trackedSetup, trackEntries } from '../tracking/repo';
import {
  keepDerived,
  keepFailure,
  pendingLooks,
  settleSetup,
  staleSetups,
  touchesOf,
} from './repo';
import type { Runner } from './runner';

/** How far back a standing reaches: five years of weekly looks. */
const MOST_CHECKS = 260;
/** Looks of one instrument that are worked out before another one has its turn. */
const TURN = 4;

export interface DeriverParts {
  db: Knex;
  reader: Knex;
  runner: Runner;
  /** The teacher's time zone: by its calendar days are counted where a student has no lesson time of their own. */
  zone: () => string;
  log: Log;
}

/** Works out what waits, after the answer or when it is first read. Only this thread writes. */
export interface Deriver {
  /** Something of these instruments has changed: they are worked out when there is time. */
  wake(setupIds: readonly string[]): void;
  /**
   * Resolves when these instruments are worked out, which then come first, or after so long.
   *
   * @returns false when it took longer
   */
  settled(setupIds: readonly string[], atMostMs?: number): Promise<boolean>;
  /** Resolves when nothing waits. */
  allSettled(): Promise<void>;
  /** Instruments that wait. */
  waiting(): string[];
  /** How many changes they wait for. */
  backlog(): number;
  /** Takes up what waited when the studio was closed. */
  resume(): Promise<void>;
  close(): Promise<void>;
}

/** The one place that turns facts into what is worked out of them. */
export function createDeriver({ db, reader, runner, zone, log }: DeriverParts): Deriver {
  const urgent = new Set<string>();
  const queue = new Set<string>();
  const busy = new Set<string>();
  const changes = new Map<string, number>();
  const waiters = new Map<string, (() => void)[]>();
  const idle: (() => void)[] = [];
  let loops = 0;
  let closed = false;

  const next = (): string | undefined =>
    [urgent, queue].flatMap((set) => [...set].filter((id) => !busy.has(id)).slice(0, 1))[0];

  async function loop(): Promise<void> {
    loops += 1;
    for (let id = next(); id !== undefined && !closed; id = next()) {
      const [isUrgent] = [urgent.delete(id), queue.delete(id)];
      busy.add(id);
      const more = await step(id).catch((error: unknown) => {
        // What a closing studio breaks off still waits when it is opened again.
        if (closed) return false;
        log({
          level: 'error',
          setupId: id,
          stack: faultOf(error),
        });
        return false;
      });
      busy.delete(id);
      if (more) (isUrgent ? urgent : queue).add(id);
      else if (!queue.has(id) && !urgent.has(id)) tell(id);
      // Requests come first.
      await nextTurn();
    }
    loops -= 1;
    if (loops === 0 && queue.size + urgent.size === 0) idle.splice(0).forEach((done) => done());
  }

  const tell = (id: string) => {
    changes.delete(id);
    waiters.get(id)?.forEach((done) => done());
    waiters.delete(id);
  };

  const begin = () => {
    while (!closed && loops < runner.threads && loops < queue.size + urgent.size) void loop();
  };

  /** Some looks of an instrument, or its standing; true while more of it waits. */
  async function step(setupId: string): Promise<boolean> {
    const touched = await touchesOf(reader, setupId);
    if (touched === undefined) return false;
    const looks = await pendingLooks(reader, setupId, TURN);
    for (const id of looks) await deriveOne(id);
    if (looks.length > 0) return true;
    const facts = await standingFacts(setupId);
    const outcome = facts && (await runner.run('standing', facts));
    if (outcome && 'failure' in outcome) throw new Error(outcome.failure);
    const settled = await inTransaction(db, async (trx) => {
      // Taken away meanwhile.
      if ((await touchesOf(trx, setupId)) === undefined) return 1;
      if (outcome) await keepTrack(trx, outcome.answer.track, outcome.answer.seen);
      return settleSetup(trx, setupId, touched);
    });
    return settled === 0;
  }

  async function deriveOne(id: string): Promise<void> {
    const found = await lookFacts(id);
    if (!found) return;
    const { check, facts } = found;
    const outcome =
      facts === null
        ? { failure: `There is no version ${check.grip.holdVersion} of ${check.grip.holdId}.` }
        : await runner.run('look', facts);
    if ('failure' in outcome) log({ level: 'error', checkId: id, stack: outcome.failure });
    await inTransaction(db, (trx) =>
      'failure' in outcome
        ? keepFailure(trx, id, outcome.failure)
        : keepDerived(trx, check, outcome.answer),
    );
  }

  async function lookFacts(id: string) {
    const check = await findCheckFacts(reader, id);
    if (!check) return undefined;
    const { id: _, ...input } = check;
    const { holdId, holdVersion, relaxedHandId } = input.grip;
    const hold = await holdOf(reader, holdId, holdVersion);
    if (!hold) return { check, facts: null };
    const relaxedHand =
      relaxedHandId === null ? null : ((await findRelaxedHand(reader, relaxedHandId)) ?? null);
    return { check, facts: { input, hold, relaxedHand } };
  }

  async function standingFacts(setupId: string) {
    const about = await trackedSetup(reader, setupId);
    return (
      about && {
        ...about,
        drawn: await drawnOn(about.studentId, setupId),
        setupId,
        zone: zone(),
        entries: await trackEntries(reader, setupId),
        checks: await newestTrackChecks(reader, setupId, MOST_CHECKS),
        newest: await newestMeasures(reader, 1, setupId),
        contacts: await newestContacts(reader, PORTRAIT_CHECKS, setupId),
      }
    );
  }

  async function drawnOn(studentId: string, setupId: string): Promise<DrawnOn | null> {
    const student = await findStudent(reader, studentId);
    const setup = student?.setups.find(({ id }) => id === setupId);
    if (!student || !setup) return null;
    const hold = findHold(setup.holdId, await latestHolds(reader));
    return { hold, grip: gripOf(student, setup, hold, null) };
  }

  return {
    wake(setupIds) {
      for (const id of setupIds) {
        queue.add(id);
        changes.set(id, (changes.get(id) ?? 0) + 1);
      }
      begin();
    },
    backlog: () => [...changes.values()].reduce((sum, count) => sum + count, 0),
    async settled(setupIds, atMostMs) {
      const unsettled: string[] = [];
      for (const id of setupIds) {
        if (busy.has(id) || queue.has(id) || urgent.has(id)) unsettled.push(id);
        else if ((await touchesOf(reader, id)) !== undefined) unsettled.push(id);
      }
      if (unsettled.length === 0) return true;
      const done = Promise.all(
        unsettled.map(
          (id) =>
            new Promise<void>((resolve) => {
              waiters.set(id, [...(waiters.get(id) ?? []), resolve]);
              urgent.add(id);
            }),
        ),
      ).then(() => true);
      begin();
      return atMostMs === undefined ? done : Promise.race([done, later(atMostMs)]);
    },
    async allSettled() {
      for (const id of await staleSetups(db)) queue.add(id);
      if (queue.size + urgent.size + busy.size === 0) return;
      begin();
      await new Promise<void>((resolve) => idle.push(resolve));
    },
    waiting: () => [...new Set([...queue, ...urgent, ...busy])],
    async resume() {
      for (const id of await staleSetups(db)) queue.add(id);
      begin();
    },
    async close() {
      closed = true;
      await runner.close();
      waiters.forEach((all) => all.forEach((done) => done()));
      idle.splice(0).forEach((done) => done());
    },
  };
}

const later = (ms: number): Promise<boolean> =>
  new Promise((resolve) => setTimeout(() => resolve(false), ms).unref());
