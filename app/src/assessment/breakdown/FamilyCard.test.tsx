import { render, screen } from '@testing-library/react-native';
import type { NumberMeasure } from '@open-palm/core/measure';
import { FamilyCard } from './FamilyCard';
import { mergedOf, THUMB_BEND } from './testing/thumbBend';

const unbanded: NumberMeasure = {
  ...THUMB_BEND,
  id: 'thumbPlace',
  unit: 'mm',
  value: 6.2,
  band: null,
  verdict: 'none',
};

const card = (whole: boolean) => (
  <FamilyCard
    family="thumb"
    standing="out"
    measures={[mergedOf(THUMB_BEND), mergedOf(unbanded)]}
    notMeasured={[
      { id: 'thumbOpposition', family: 'thumb', reason: 'notSeen', points: ['thumbTip'] },
    ]}
    whole={whole}
  />
);

describe('FamilyCard', () => {
  it('tells what was judged with its doubt, what was wanted, and how it is wrong', () => {
    render(card(false));
    screen.getByText('Thumb');
    screen.getByText('to work on');
    screen.getByText('−4° ± 5°');
    screen.getByText('wanted 20 to 60°');
    screen.getByText('too straight');
    expect(screen.queryByText('6 ± 5 mm')).toBeNull();
  });

  it('shows numbers without a band when there are no others', () => {
    render(
      <FamilyCard
        family="thumb"
        standing="none"
        measures={[mergedOf(unbanded)]}
        notMeasured={[]}
        whole={false}
      />,
    );
    screen.getByText('6 ± 5 mm');
  });

  it('shows what has no band and what was not seen when the whole is asked for', () => {
    render(card(true));
    screen.getByText('6 ± 5 mm');
    screen.getByText('no band: shown without a verdict');
    screen.getByText('Against the middle finger: its points were not all seen');
  });

  it('names the sources where several tell of it, and says when they do not agree', () => {
    const sources = [
      { capture: 0, measure: THUMB_BEND },
      { capture: null, measure: { ...THUMB_BEND, value: 40, sd: 8 } },
    ];
    render(
      <FamilyCard
        family="thumb"
        standing="unsure"
        measures={[mergedOf({ ...THUMB_BEND, verdict: 'unsure' }, { sources, conflict: true })]}
        notMeasured={[]}
        views={['thumb-side']}
        whole={false}
      />,
    );
    screen.getByText('what was seen does not agree: look again');
    screen.getByText('Thumb side: −4° ± 5°');
    screen.getByText('answered by tap: 40° ± 8°');
  });

  it('tells the place, and how to turn the camera for a firm number', () => {
    render(
      <FamilyCard
        family="thumb"
        standing="unsure"
        measures={[
          mergedOf({ ...THUMB_BEND, verdict: 'unsure', retake: 'buttonEnd' }, { place: 'heel' }),
        ]}
        notMeasured={[]}
        whole={false}
      />,
    );
    screen.getByText('Bend of the last joint, at the heel');
    screen.getByText(/turn the camera toward the button’s end/);
  });
});
