import { CAUSES } from './knowledge';
import type { CauseHistory } from './priors';

/** What a person said of a cause or a sign in one check. */
export type CauseWord = { check: string } &
  /** Its cue worked, or the teacher named it. */
  (
    | { kind: 'confirmed'; cause: string }
    /** The teacher saw another cause instead. */
    | { kind: 'ruledOut'; cause: string }
    /** The teacher saw a sign otherwise than it was judged. */
    | { kind: 'sign'; sign: string; present: boolean }
  );

/**
 * How often each cause was the one with this student. A check counts once for a cause, and only where a person said
 * something of it: a cue that worked or a cause that was named speak for it, another cause named instead speaks against
 * it, and so does a sign that it nearly always brings when the teacher did not see it; the last word of a check counts.
 *
 * @param words oldest first
 */
export function causeHistory(words: readonly CauseWord[]): Record<string, CauseHistory> {
  const last = new Map<string, { cause: string; confirmed: boolean }>();
  const say = (check: string, cause: string, confirmed: boolean) =>
    last.set(`${check} ${cause}`, { cause, confirmed });
  for (const word of words) {
    if (word.kind === 'sign') {
      for (const cause of broughtNearlyAlways(word.sign)) say(word.check, cause, word.present);
    } else {
      say(word.check, word.cause, word.kind === 'confirmed');
    }
  }
  const history: Record<string, CauseHistory> = {};
  for (const { cause, confirmed } of last.values()) {
    const before = history[cause] ?? { confirmed: 0, checks: 0 };
    history[cause] = {
      confirmed: before.confirmed + Number(confirmed),
      checks: before.checks + 1,
    };
  }
  return history;
}

/** The causes of which a sign is the first. */
const broughtNearlyAlways = (sign: string): string[] =>
  CAUSES.filter(({ signs }) => signs.some((link) => link.sign === sign && link.rank === 1)).map(
    ({ id }) => id,
  );
