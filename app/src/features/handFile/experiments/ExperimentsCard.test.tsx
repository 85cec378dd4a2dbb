import { fireEvent, render, screen, within } from '@testing-library/react-native';
import type { LogEntry } from '@open-palm/contract';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { ExperimentsCard } from './ExperimentsCard';

const now = new Date('2026-03-08T12:00:00Z');

function show(birthYear: number | null, entries: LogEntry[] = []) {
  const log: LessonLog & { add: jest.Mock } = {
    entries,
    ownCues: [],
    add: jest.fn(async () => 'x'),
  };
  return { ...render(<ExperimentsCard student={{ birthYear }} log={log} now={now} />), log };
}

const tried = (id: string, words: string, more: object = {}): LogEntry =>
  ({
    id,
    studentId: 's',
    setupId: 'v',
    madeAt: '2026-03-07T12:00:00Z',
    kind: 'experiment',
    words,
    sound: 'better',
    ease: null,
    keep: 'keep',
    ...more,
  }) as LogEntry;

describe('the log of experiments', () => {
  it('is there for adults alone', () => {
    expect(show(2015).toJSON()).toBeNull();
    expect(show(null).toJSON()).toBeNull();
    show(1980);
    screen.getByText('Experiments');
    screen.unmount();
    // Nobody is asked to try something while it hurts.
    const hurt = { id: 'h', kind: 'hurt', what: 'pain', word: null } as LogEntry;
    expect(show(1980, [hurt]).toJSON()).toBeNull();
  });

  it('notes what was changed and what it did, without a verdict', () => {
    const { log } = show(1980);
    fireEvent.press(screen.getByText('Note an experiment'));
    fireEvent.press(screen.getByText('Note it'));
    // Without words there is nothing to note.
    expect(log.add).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('What did you change?'), ' Thumb more bent ');
    fireEvent.press(within(screen.getByLabelText('Sound')).getByText('better'));
    fireEvent.press(within(screen.getByLabelText('Ease')).getByText('worse'));
    // Touched again it is taken back.
    fireEvent.press(within(screen.getByLabelText('Ease')).getByText('worse'));
    fireEvent.press(screen.getByText('drop it'));
    fireEvent.press(screen.getByText('Note it'));
    expect(log.add).toHaveBeenCalledWith({
      kind: 'experiment',
      words: 'Thumb more bent',
      sound: 'better',
      ease: null,
      keep: 'drop',
    });
  });

  it('shows the newest ones, and all when asked', () => {
    show(
      1980,
      [1, 2, 3, 4, 5, 6].map((n) => tried(`e${n}`, `Try ${n}`)),
    );
    screen.getByText('Try 5');
    expect(screen.queryByText('Try 6')).toBeNull();
    expect(screen.getAllByText('yesterday · sound better · kept')).toHaveLength(5);
    fireEvent.press(screen.getByText('Show all 6'));
    screen.getByText('Try 6');
  });
});
