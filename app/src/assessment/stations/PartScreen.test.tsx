import { fireEvent, render, screen } from '@testing-library/react-native';
import { SWRConfig } from 'swr';
import { MEASURE_IDS, tapQuestion, type MeasureId, type TapAnswer } from '@open-palm/core/measure';
import { measureName } from '../../foundation/strings/measureWords';
import type { BareOrder, GripOrder } from '@open-palm/core/portrait';
import { StateMark } from '../../foundation/kit/StateMark';
import { partsOf } from './handParts';
import { PartScreen } from './PartScreen';
import { stationsOf } from './stationPlan';
import { factsOn } from './testing/stationFacts';

/** Posing a hand takes its time in a test beside others. */
const DRAWN_WITHIN = { timeout: 40_000 };
jest.setTimeout(60_000);

let isDrawn = false;
const drawn = <Drawing,>(draw: () => Drawing): Promise<Drawing> =>
  isDrawn ? Promise.resolve(draw()) : new Promise(() => undefined);

jest.mock('../../foundation/workers/askPortrait', () => {
  const { GripDrawer, drawBare } = jest.requireActual('@open-palm/core/portrait');
  const drawer = new GripDrawer();
  return {
    askPortrait: (order: GripOrder) => drawn(() => drawer.draw(order)),
    askBare: (order: BareOrder) => drawn(() => drawBare(order)),
  };
});
beforeEach(() => {
  isDrawn = false;
});

const facts = factsOn('violin-shallow');
const { hold } = facts;

const ALL_PARTS = stationsOf(hold, 'free', 'intermediate').flatMap(partsOf);

/** The part that a checkpoint belongs to, as if it were all that is judged there. */
function ask(measure: MeasureId, answer: TapAnswer | null = null, watching = false) {
  const part = ALL_PARTS.find(({ judged, further }) => [...judged, ...further].includes(measure))!;
  const on = { answer: jest.fn(), fine: jest.fn(), skip: jest.fn() };
  render(
    <SWRConfig value={{ provider: () => new Map() }}>
      <PartScreen
        part={{ ...part, judged: [measure], further: [], signs: [] }}
        facts={facts}
        answers={{ taps: answer ? [{ measure, answer }] : [], seen: {}, watching }}
        onAnswer={on.answer}
        onMark={() => undefined}
        onFine={on.fine}
        onSkip={on.skip}
        onBack={() => undefined}
      />
    </SWRConfig>,
  );
  return on;
}

describe('a part of the hand', () => {
  it('is answered by touching a drawing, with the doubt of an eye', () => {
    const { answer } = ask('thumbIpFlexion');
    fireEvent.press(screen.getByLabelText('softly bent'));
    expect(answer.mock.calls).toEqual([['thumbIpFlexion', { kind: 'value', value: 40, sd: 8 }]]);
  });

  it('is answered by a category in its words', () => {
    const { answer } = ask('littlePlace');
    fireEvent.press(screen.getByLabelText('hanging over'));
    expect(answer.mock.calls).toEqual([['littlePlace', { kind: 'category', category: 'over' }]]);
  });

  it('can be called fine or left open', () => {
    const { fine, skip } = ask('indexDepth');
    fireEvent.press(screen.getByText('Looks fine'));
    fireEvent.press(screen.getByText('Can’t tell'));
    expect([fine.mock.calls.length, skip.mock.calls.length]).toEqual([1, 1]);
  });

  it.each(MEASURE_IDS)('has a drawing for every answer to %s', async (measure) => {
    const question = tapQuestion(measure, hold);
    isDrawn = question.kind === 'onFinger' || question.kind === 'onStick';
    ask(measure);
    const count =
      question.kind === 'values'
        ? question.values.length
        : question.kind === 'categories'
          ? question.categories.length
          : 0;
    expect(screen.queryAllByRole('radio')).toHaveLength(count);
    if (count > 0) return;
    expect((await screen.findByLabelText(measureName(measure), {}, DRAWN_WITHIN)).props.role).toBe(
      'slider',
    );
  });

  it.each(['ringDepth', 'thumbPlace'] as const)(
    'takes no touch for an answer to %s before there is a drawing to touch',
    (measure) => {
      ask(measure, { kind: 'value', value: 1, sd: 0.2 });
      expect(screen.queryByLabelText(measureName(measure))).toBeNull();
    },
  );

  it('marks the answer that is good, but not while one only watches', () => {
    const marks = () => screen.UNSAFE_queryAllByType(StateMark).length;
    ask('thumbIpFlexion');
    expect(marks()).toBe(1);
    screen.unmount();
    ask('thumbIpFlexion', null, true);
    expect(marks()).toBe(0);
  });
});
