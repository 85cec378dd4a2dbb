import { fireEvent, render, screen } from '@testing-library/react-native';
import { VerdictOverrideProvider } from '../verdictOverride/verdictOverride';
import { CheckpointLine } from './CheckpointLine';
import { mergedOf, THUMB_BEND } from './testing/thumbBend';

const atHeel = mergedOf(THUMB_BEND, {
  place: 'heel',
  sources: [
    { capture: 0, measure: THUMB_BEND },
    { capture: null, measure: { ...THUMB_BEND, value: 4 } },
  ],
});

describe('a checkpoint in a line', () => {
  it('says in one name what it is, its value with its doubt, and how it is wrong', () => {
    render(<CheckpointLine merged={atHeel} />);
    screen.getByRole('button', {
      name: 'Bend of the last joint, at the heel: −4° ± 5°, too straight',
    });
    screen.getByText('too straight');
    expect(screen.queryByText('wanted 20 to 60°')).toBeNull();
    expect(screen.queryByText(/answered by tap/)).toBeNull();
  });

  it('opens what was wanted and where it comes from by a touch', () => {
    render(<CheckpointLine merged={atHeel} />);
    fireEvent.press(screen.getByRole('button', { name: /^Bend of the last joint/ }));
    screen.getByText('wanted 20 to 60°');
    screen.getByText('answered by tap: 4° ± 5°');
  });

  it('spares the word where it is in, which its mark tells', () => {
    render(<CheckpointLine merged={mergedOf({ ...THUMB_BEND, value: 40, verdict: 'in' })} />);
    screen.getByRole('button', { name: /40° ± 5°, good$/ });
    expect(screen.queryByText('good')).toBeNull();
  });

  it('lets the teacher’s eye stand above the number, without a touch', () => {
    const seen = { verdict: 'in' as const, word: null };
    render(
      <VerdictOverrideProvider value={{ seen: () => seen as never, see: () => undefined }}>
        <CheckpointLine merged={atHeel} />
      </VerdictOverrideProvider>,
    );
    screen.getByRole('button', { name: /−4° ± 5°, you: It is fine$/ });
    screen.getByText('you: It is fine');
    expect(screen.queryByText('too straight')).toBeNull();
  });

  it('says without a touch that what was seen does not agree', () => {
    render(
      <CheckpointLine
        merged={mergedOf({ ...THUMB_BEND, verdict: 'unsure' }, { conflict: true })}
      />,
    );
    screen.getByText('what was seen does not agree: look again');
  });
});
