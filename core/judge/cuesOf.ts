import { bandFor, type Hold } from '../holds';
import type { Context, MeasureId } from '../measure';
import type { Cue } from './judgeSchema';
import { CUES } from './knowledge';

const byId = new Map(CUES.map((cue) => [cue.id, cue]));

/**
 * The cues of a list that fit a hold, in their order: those of its bow that ask for nothing that its bands refuse.
 *
 * @param hold as it is meant for the student, with the teacher's answers
 * @example fittingCues(['little-tip-on-top', 'little-over-the-stick'], holdById('cello')) // ['little-over-the-stick']
 */
export function fittingCues(
  ids: readonly string[],
  hold: Pick<Hold, 'bow' | 'checkpoints'>,
  context: Context = 'free',
): string[] {
  return ids.filter((id) => {
    const cue = byId.get(id);
    return cue !== undefined && fits(cue, hold, context);
  });
}

function fits({ bows, asks = {} }: Cue, hold: Pick<Hold, 'bow' | 'checkpoints'>, context: Context) {
  if (bows && !bows.includes(hold.bow)) return false;
  return Object.entries(asks).every(([measure, wanted]) => {
    const checkpoint = hold.checkpoints[measure];
    if (!checkpoint || 'notApplicable' in checkpoint) return false;
    const band = bandFor(hold, measure, context);
    if (band === null) return true;
    if ('allowed' in band) {
      return Array.isArray(wanted) && wanted.some((category) => band.allowed.includes(category));
    }
    return (
      typeof wanted === 'number' &&
      wanted >= (band.lo ?? -Infinity) &&
      wanted <= (band.hi ?? Infinity)
    );
  });
}

/**
 * Whether two cues pull the same thing opposite ways.
 *
 * @example areOpposite('widen-a-little', 'narrow-a-little') // true
 */
export function areOpposite(one: string, other: string): boolean {
  const [a, b] = [byId.get(one)?.moves ?? {}, byId.get(other)?.moves ?? {}];
  return Object.entries(a).some(([measure, way]) => {
    const back = b[measure as MeasureId];
    return back !== undefined && back !== way;
  });
}
