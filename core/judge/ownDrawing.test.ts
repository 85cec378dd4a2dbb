import { FERRULE_REACH_MM, FERRULE_X_MM } from '../bow';
import { FINGERS, REFERENCE_MIDDLE_FINGER } from '../hand';
import type { Hold } from '../holds';
import { measureCheck, type MeasureId, type Tap } from '../measure';
import { FINGER_BREADTH_RATIO } from '../measure/thumbMeasures';
import { advise } from './advise';
import { findingsOf } from './findings';
import { HOLDS_AND_SETTINGS } from './testing/holdsAndSettings';

/** The hold as it is drawn before anything was measured, as a look: places along the stick and depths on the fingers. */
function ownLook({ startingPlacesMm: x, startingDepthsU: u, checkpoints }: Hold): Tap[] {
  const breadth = FINGER_BREADTH_RATIO * REFERENCE_MIDDLE_FINGER.mm;
  const numbers: Partial<Record<MeasureId, number>> = {
    thumbPlace: x.thumb,
    indexLead: x.index - x.thumb,
    thumbOpposition: (x.thumb - x.middle) / breadth,
    indexDepth: u.index,
    middleDepth: u.middle,
    ringDepth: u.ring,
    littleDepth: u.little,
  };
  const atMetal = FINGERS.find((finger) => Math.abs(x[finger] - FERRULE_X_MM) <= FERRULE_REACH_MM);
  const taps = Object.entries(numbers).map(([measure, value]): Tap => ({
    measure: measure as MeasureId,
    answer: { kind: 'value', value, sd: 0.001 },
  }));
  if (atMetal) {
    taps.push({ measure: 'ferruleFinger', answer: { kind: 'category', category: atMetal } });
  }
  return taps.filter(({ measure }) => !('notApplicable' in (checkpoints[measure] ?? {})));
}

it.each(HOLDS_AND_SETTINGS)('%s is clean in its own drawing', (_name, hold) => {
  const { measures } = measureCheck({ context: 'free', captures: [], taps: ownLook(hold) }, hold);
  const advice = advise(findingsOf(measures, {}, hold), { hold });
  expect(['nothingToFix', 'nothingSeen']).toContain(advice.kind);
});
