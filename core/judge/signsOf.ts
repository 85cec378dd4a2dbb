import { bandsOf, type Band, type Hold } from '../holds';
import type { Context } from '../measure';
import { SIGNS } from './knowledge';
import type { Sign } from './judgeSchema';

/** The parts of a hold that say what can be wrong with it. */
export type ShownHold = Pick<Hold, 'bow' | 'checkpoints'>;

/** The signs that a hold can show: those of its bow, without what makes no sense for it and what it allows. */
export const signsOf = (hold: ShownHold): readonly Sign[] =>
  SIGNS.filter((sign) => canShow(hold, sign));

/** Whether a hold can show a sign at all. */
export function canShow(hold: ShownHold, { bows, from, needsBand }: Sign): boolean {
  if (bows && !bows.includes(hold.bow)) return false;
  if (!('measure' in from)) return true;
  const checkpoint = hold.checkpoints[from.measure];
  if (!checkpoint || 'notApplicable' in checkpoint) return false;
  const bands = bandsOf(checkpoint);
  if ('categories' in from) {
    // What its bands allow in part is no fault there, wherever it is looked at.
    return !(bands.length > 0 && bands.every((band) => allows(band, from.categories)));
  }
  if (!needsBand) return true;
  const end = from.verdict === 'low' ? 'lo' : 'hi';
  return bands.some((band) => !('allowed' in band) && band[end] !== undefined);
}

const allows = (band: Band, categories: readonly string[]): boolean =>
  'allowed' in band && categories.some((category) => band.allowed.includes(category));

/** Contexts in which the bow is in the air: nothing that a stroke shows can be seen there. */
const IN_THE_AIR: readonly Context[] = ['supported', 'free'];

/** Whether a context can show a sign, or that it is not there. */
export const isSeenIn = ({ seenIn }: Pick<Sign, 'seenIn'>, context: Context): boolean =>
  seenIn === undefined || !IN_THE_AIR.includes(context);
