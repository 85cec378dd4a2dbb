import { render, screen } from '@testing-library/react-native';
import type { NumberMeasure } from '@open-palm/core/measure';
import { FamilyCard } from './FamilyCard';

const bend: NumberMeasure = {
  kind: 'number',
  id: 'thumbIpFlexion',
  family: 'thumb',
  unit: 'deg',
  value: -3.7,
  sd: 4.6,
  verdict: 'low',
  band: { lo: 20, hi: 60 },
  decidable: true,
  implausible: false,
};

const unbanded: NumberMeasure = {
  ...bend,
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
    measures={[bend, unbanded]}
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
        measures={[unbanded]}
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
});
