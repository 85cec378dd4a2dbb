import { bandFor, bandsOf, type Hold } from '@open-palm/core/holds';
import { isSeenIn, signsOf, type Sign } from '@open-palm/core/judge';
import type { Level } from '@open-palm/core/practice';
import {
  CATALOGUE,
  FAMILIES,
  isSeenByEye,
  specOf,
  type Context,
  type Family,
  type MeasureId,
  type Tap,
  type View,
} from '@open-palm/core/measure';

/** The stops of the inspection: the four families, and the relaxation that they depend on. */
export type StationId = Family | 'relaxation';

/** One stop of the inspection with its checkpoints. */
export interface Station {
  id: StationId;
  /** What the hold has a say on: asked first, and what "all fine" answers. */
  judged: MeasureId[];
  /** What can be noted too, without a verdict. */
  further: MeasureId[];
  /** What only a person sees. */
  signs: string[];
  /** Signs that the hold has no band for: they can be noted by eye, and "all fine" says nothing of them. */
  furtherSigns: string[];
}

/** The stations of a hold in the order of inspection; what makes no sense for it is not asked. */
export function stationsOf(hold: Hold, context: Context, level?: Level): Station[] {
  const known = signsOf(hold).filter(
    (sign) =>
      isSeenIn(sign, context) &&
      (!sign.levels || (level !== undefined && (sign.levels as readonly Level[]).includes(level))),
  );
  const signsAt = (station: StationId) =>
    known.filter(({ from }) => 'look' in from && from.look === station).map(({ id }) => id);
  const families = FAMILIES.map((family): Station => {
    const ids = CATALOGUE.filter((spec) => spec.family === family)
      .map(({ id }) => id)
      .filter((id) => !('notApplicable' in (hold.checkpoints[id] ?? {})));
    const isJudged = (id: MeasureId) =>
      bandFor(hold, id, context) !== null && isMeasuredIn(hold, id, context);
    return {
      id: family,
      judged: ids.filter(isJudged),
      further: ids.filter((id) => !isJudged(id)),
      signs: signsAt(family),
      furtherSigns: known
        .filter((sign) => familyOf(sign) === family && !isDecided(sign, hold))
        .map(({ id }) => id),
    };
  });
  return [
    ...families,
    { id: 'relaxation', judged: [], further: [], signs: signsAt('relaxation'), furtherSigns: [] },
  ];
}

/** Whether a context can show a checkpoint, or that it is fine: a bow in the air tells nothing of a stroke. */
function isMeasuredIn(hold: Hold, id: MeasureId, context: Context): boolean {
  const signs = signsOf(hold).filter(({ from }) => 'measure' in from && from.measure === id);
  return signs.length === 0 || signs.some((sign) => isSeenIn(sign, context));
}

const familyOf = ({ from }: Sign): Family | null =>
  'verdict' in from && !OF_THE_BOW.includes(from.measure) ? specOf(from.measure).family : null;

/** Looked at on the set-up card. */
const OF_THE_BOW: readonly MeasureId[] = ['hairClearance'];

/** Whether a band of the hold can tell of a sign, or makes it senseless to ask. */
function isDecided({ from }: Sign, { checkpoints }: Hold): boolean {
  if (!('verdict' in from)) return true;
  const checkpoint = checkpoints[from.measure];
  if (!checkpoint || 'shownWithoutVerdict' in checkpoint) return false;
  if ('notApplicable' in checkpoint) return true;
  const end = from.verdict === 'low' ? 'lo' : 'hi';
  return bandsOf(checkpoint).some((band) => 'allowed' in band || band[end] !== undefined);
}

/** "All fine here": what the hold judges, shows from one of these sides, and nobody answered yet was looked at, and is good. */
export const fineTaps = (
  { judged }: Pick<Station, 'judged'>,
  taps: readonly Tap[],
  views: readonly View[],
): Tap[] =>
  judged
    .filter((measure) => !taps.some((tap) => tap.measure === measure))
    .filter((measure) => views.some((view) => isSeenByEye(measure, view)))
    .map((measure) => ({ measure, answer: { kind: 'fine' } }));

/** "All fine here", of what only a person sees: what was not marked is not there. */
export const fineSigns = (
  { signs }: Station,
  seen: Readonly<Record<string, boolean>>,
): Record<string, boolean> =>
  Object.fromEntries(signs.filter((sign) => seen[sign] === undefined).map((sign) => [sign, false]));
