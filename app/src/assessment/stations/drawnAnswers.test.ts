import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { BUILDS } from '@open-palm/core/pose/handBuild';
import { GripDrawer } from '@open-palm/core/portrait';
import { CONTEXTS, tapQuestion, type MeasureId } from '@open-palm/core/measure';
import { bareDetail } from '@open-palm/core/portrait/bareDetail';
import { gripOfAnswer, posedDetail } from '../../drawing/figures/posedDetail';
import { stationsOf } from './stationPlan';

/** Answers about the arm or the bow alone, which show no hand. */
const NO_HAND: readonly MeasureId[] = [
  'elbowLevel',
  'elbowBend',
  'stickRoll',
  'bowSkew',
  'hairClearance',
];

/** What is answered by drawn choices on a hold, anywhere in the bow. */
function drawnOf(holdId: string): { measure: MeasureId; answers: readonly (number | string)[] }[] {
  const hold = holdById(holdId);
  const asked = CONTEXTS.flatMap((context) =>
    stationsOf(hold, context).flatMap(({ judged, further }) => [...judged, ...further]),
  );
  return [...new Set(asked)].flatMap((measure) => {
    const question = tapQuestion(measure, hold);
    const answers: readonly (number | string)[] =
      question.kind === 'values'
        ? question.values
        : question.kind === 'categories'
          ? question.categories
          : [];
    return answers.length > 0 ? [{ measure, answers }] : [];
  });
}

describe.each(HOLD_IDS)('the drawn choices of %s', (holdId) => {
  const hold = holdById(holdId);
  const asked = drawnOf(holdId);

  it('each show a hand, or are about the arm or the bow alone', () => {
    expect(asked.length).toBeGreaterThan(6);
    for (const { measure, answers } of asked) {
      const isDrawn = posedDetail(measure, hold) ?? bareDetail(measure, answers[0]!);
      expect([measure, isDrawn !== null || NO_HAND.includes(measure)]).toEqual([measure, true]);
    }
  });
});

it.each(['violin-shallow', 'german-bass'])(
  'the two ends of what can be answered look different on %s',
  (holdId) => {
    const hold = holdById(holdId);
    const drawer = new GripDrawer();
    for (const { measure, answers } of drawnOf(holdId)) {
      const detail = posedDetail(measure, hold);
      if (!detail) continue;
      const drawn = [answers[0]!, answers.at(-1)!].map((answer) => {
        const { hand, before } = drawer.draw({
          hold: drawnHold(hold),
          grip: gripOfAnswer(measure, answer, hold),
          build: BUILDS.grown,
          view: detail.station,
          held: 'bow',
          upMm: 0,
          detail: 'badge',
          unseen: [],
          beside: null,
        });
        return hand.outline + hand.shade + before;
      });
      expect([measure, new Set(drawn).size]).toEqual([measure, 2]);
    }
  },
);
