import { fireEvent, render, screen } from '@testing-library/react-native';
import { SWRConfig } from 'swr';
import { holdById } from '@open-palm/core/holds';
import { MEASURE_IDS, tapQuestion, type MeasureId, type TapAnswer } from '@open-palm/core/measure';
import { measureName } from '../../../foundation/strings/measureWords';
import type { BareOrder, GripOrder } from '@open-palm/core/portrait';
import { StationQuestion } from './StationQuestion';

/** Posing a hand takes its time in a test beside others. */
const DRAWN_WITHIN = { timeout: 40_000 };
jest.setTimeout(60_000);

let isDrawn = false;
const drawn = <Drawing,>(draw: () => Drawing): Promise<Drawing> =>
  isDrawn ? Promise.resolve(draw()) : new Promise(() => undefined);

jest.mock('../../../foundation/workers/askPortrait', () => {
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

const hold = holdById('violin-shallow');

function ask(measure: MeasureId, answer: TapAnswer | null = null) {
  const answered: TapAnswer[] = [];
  const skipped = jest.fn();
  render(
    <SWRConfig value={{ provider: () => new Map() }}>
      <StationQuestion
        measure={measure}
        hold={hold}
        side="right"
        skinTone="clay"
        answer={answer}
        onAnswer={(given) => answered.push(given)}
        onSkip={skipped}
        onBack={() => undefined}
      />
    </SWRConfig>,
  );
  return { answered, skipped };
}

describe('a station’s question', () => {
  it('is answered by touching a drawing, with the doubt of an eye', () => {
    const { answered } = ask('thumbIpFlexion');
    fireEvent.press(screen.getByLabelText('about 40°'));
    expect(answered).toEqual([{ kind: 'value', value: 40, sd: 8 }]);
  });

  it('is answered by a category in its words', () => {
    const { answered } = ask('littlePlace');
    fireEvent.press(screen.getByLabelText('hanging over'));
    expect(answered).toEqual([{ kind: 'category', category: 'over' }]);
  });

  it('can be called fine or left open', () => {
    const { answered, skipped } = ask('indexDepth');
    fireEvent.press(screen.getByText('Looks fine'));
    expect(answered).toEqual([{ kind: 'fine' }]);
    fireEvent.press(screen.getByText('Can’t tell'));
    expect(skipped).toHaveBeenCalledTimes(1);
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
});
