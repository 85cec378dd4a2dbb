import { fireEvent, render, screen } from '@testing-library/react-native';
import type { MergedMeasure, NumberMeasure } from '@open-palm/core/measure';
import { CheckpointLine } from './CheckpointLine';

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
  retake: null,
};
const merged = (measure: NumberMeasure): MergedMeasure => ({
  measure,
  place: 'heel',
  sources: [
    { capture: 0, measure },
    { capture: null, measure: { ...measure, value: 4 } },
  ],
  conflict: false,
});

describe('a checkpoint in a line', () => {
  it('says in one name what it is, its value with its doubt, and how it is wrong', () => {
    render(<CheckpointLine merged={merged(bend)} />);
    screen.getByRole('button', {
      name: 'Bend of the last joint, at the heel: −4° ± 5°, too straight',
    });
    screen.getByText('too straight');
    expect(screen.queryByText('wanted 20 to 60°')).toBeNull();
    expect(screen.queryByText(/answered by tap/)).toBeNull();
  });

  it('opens what was wanted and where it comes from by a touch', () => {
    render(<CheckpointLine merged={merged(bend)} />);
    fireEvent.press(screen.getByRole('button', { name: /^Bend of the last joint/ }));
    screen.getByText('wanted 20 to 60°');
    screen.getByText('answered by tap: 4° ± 5°');
  });

  it('spares the word where it is in, which its mark tells', () => {
    render(<CheckpointLine merged={merged({ ...bend, value: 40, verdict: 'in' })} />);
    screen.getByRole('button', { name: /40° ± 5°, good$/ });
    expect(screen.queryByText('good')).toBeNull();
  });
});
