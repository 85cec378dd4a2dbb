import { bandFor, type Hold } from '@open-palm/core/holds';
import {
  CATALOGUE,
  FAMILIES,
  type Context,
  type Family,
  type MeasureId,
  type Tap,
} from '@open-palm/core/measure';

/** One stop of the inspection: a family with its checkpoints. */
export interface Station {
  family: Family;
  /** What the hold has a say on: asked first, and what "all fine" answers. */
  judged: MeasureId[];
  /** What can be noted too, without a verdict. */
  further: MeasureId[];
}

/** The stations of a hold in the order of inspection; what makes no sense for it is not asked. */
export function stationsOf(hold: Hold, context: Context): Station[] {
  return FAMILIES.map((family) => {
    const ids = CATALOGUE.filter((spec) => spec.family === family)
      .map(({ id }) => id)
      .filter((id) => !('notApplicable' in (hold.checkpoints[id] ?? {})));
    const isJudged = (id: MeasureId) => bandFor(hold, id, context) !== null;
    return {
      family,
      judged: ids.filter(isJudged),
      further: ids.filter((id) => !isJudged(id)),
    };
  });
}

/** "All fine here": what the hold judges and nobody answered yet was looked at, and is good. */
export const fineTaps = ({ judged }: Station, taps: readonly Tap[]): Tap[] =>
  judged
    .filter((measure) => !taps.some((tap) => tap.measure === measure))
    .map((measure) => ({ measure, answer: { kind: 'fine' } }));

/** The next checkpoint in a station's order after this one that has no answer; null at the end. */
export function nextQuestion(
  { judged, further }: Station,
  taps: readonly Tap[],
  after: MeasureId | null,
): MeasureId | null {
  // What is judged is asked through first; the rest only from one to the next.
  const list = after !== null && further.includes(after) ? further : judged;
  const from = after === null ? 0 : list.indexOf(after) + 1;
  return list.slice(from).find((id) => !taps.some((tap) => tap.measure === id)) ?? null;
}
