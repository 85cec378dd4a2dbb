import type { Conflict } from '@open-palm/contract';

/** What the studio said to an entry. */
export type Answer =
  | { kind: 'kept'; version?: number; body?: unknown }
  /** No answer, or one that nobody can read: it is not known whether it was kept. */
  | { kind: 'unknown' }
  | {
      kind: 'problem';
      status: number;
      code: string;
      message: string;
      where: string;
      /** How long to wait, ms, where the studio says so. */
      retryAfterMs?: number;
      conflict?: Conflict;
    };

/** What becomes of an entry. */
export type Outcome =
  /** It is with the studio. */
  | 'kept'
  /** Sending the same again later can help. */
  | 'later'
  /** A person has to look at it. */
  | 'stop'
  /** Two edits of the same: a person chooses. */
  | 'conflict'
  /** It was erased in the studio: this device forgets it too. */
  | 'erased';

/** Problems that stop an entry whenever they are met. */
const STOPS: ReadonlySet<number> = new Set([400, 409, 413, 415, 422]);
/** Why the studio may not take something from this person, or of this student. */
const FORBIDDEN: ReadonlySet<string> = new Set(['role', 'consent']);

/**
 * What becomes of an entry after an answer. What got no readable answer is simply sent again: ids are the device's own and writes can be
 * repeated.
 *
 * @param needsArrived whether everything that the entry refers to is with the studio, as far as this device knows
 */
export function outcomeOf(answer: Answer, needsArrived: boolean): Outcome {
  if (answer.kind === 'kept') return 'kept';
  if (answer.kind === 'unknown') return 'later';
  const { status, code, conflict } = answer;
  if (status === 410) return 'erased';
  if (status === 409 && conflict) return 'conflict';
  if (STOPS.has(status)) return 'stop';
  if (status === 403) return FORBIDDEN.has(code) ? 'stop' : 'later';
  if (status === 404) return needsArrived && code === 'notFound' ? 'stop' : 'later';
  return 'later';
}

const FIRST_PAUSE_MS = 2000;
const LONGEST_PAUSE_MS = 5 * 60_000;
/** Devices that lost the studio together do not all come back in the same moment. */
const SPREAD = 0.2;

/**
 * How long an entry waits after it was tried so often, ms.
 *
 * @param random between 0 and 1
 */
export function pauseMs(tries: number, random: number): number {
  const pause = Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** Math.max(0, tries - 1));
  return Math.round(pause * (1 - SPREAD + 2 * SPREAD * random));
}
