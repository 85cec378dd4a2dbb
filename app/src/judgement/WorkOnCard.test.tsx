import { fireEvent, render, screen } from '@testing-library/react-native';
import { holdById } from '@open-palm/core/holds';
import { measureCheck, type Tap } from '@open-palm/core/measure';
import { WorkOnCard } from './WorkOnCard';

const hold = holdById('violin-shallow');

function show(...taps: Tap[]) {
  const { measures } = measureCheck({ context: 'free', captures: [], taps }, hold);
  return render(<WorkOnCard measures={measures} hold={hold} />);
}

const straight: Tap = {
  measure: 'thumbIpFlexion',
  answer: { kind: 'value', value: -20, sd: 8 },
};
const deep: Tap = { measure: 'indexDepth', answer: { kind: 'value', value: 2.6, sd: 0.15 } };

describe('WorkOnCard', () => {
  it('names at most two things with why, what the first leaves open, and a cue each', () => {
    show(straight, deep);
    screen.getByText('The thumb sits on its pad');
    screen.getByText('Because the thumb is straight.');
    screen.getByText('It does not explain that the index is deep.');
    screen.getByText('The index has sunk too deep');
    expect(screen.getAllByText('Say')).toHaveLength(2);
  });

  it('goes on to the next cue of the ladder, and round', () => {
    show(straight);
    screen.getByText(/Seat the corner of your thumbnail/);
    fireEvent.press(screen.getByText('Another way to say it'));
    screen.getByText(/Turn the bow over/);
  });

  it('says that there is nothing to fix, and shows nothing when nothing was seen', () => {
    show({ measure: 'thumbIpFlexion', answer: { kind: 'fine' } });
    screen.getByText('Nothing to fix');
    const { toJSON } = show();
    expect(toJSON()).toBeNull();
  });
});
