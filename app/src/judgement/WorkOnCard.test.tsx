import { fireEvent, render, screen, within } from '@testing-library/react-native';
import type { LogEntry, Student } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { judgeFindings as mockJudge, type Finding } from '@open-palm/core/judge';
import { measureCheck, type Tap } from '@open-palm/core/measure';
import type { LessonLog } from '../api/lessonLog';
import type { JudgeQuestion } from '../workers/judgeMessages';
import { WorkOnCard } from './WorkOnCard';

// Jest has no workers: the worker's own function answers.
jest.mock('../workers/askJudge', () => ({
  askJudge: async ({ findings, hold, student }: JudgeQuestion) =>
    mockJudge(findings, hold, student),
}));

const hold = holdById('violin-shallow');
const student = { id: 's', side: 'right', skinTone: 'clay', birthYear: null } as Student;

const straight: Tap = { measure: 'thumbIpFlexion', answer: { kind: 'value', value: -20, sd: 8 } };
const deep: Tap = { measure: 'indexDepth', answer: { kind: 'value', value: 2.6, sd: 0.15 } };

let count = 0;
const entry = (more: object): LogEntry =>
  ({
    id: `e${(count += 1)}`,
    studentId: 's',
    setupId: 'v',
    madeAt: '2026-03-01',
    ...more,
  }) as LogEntry;

function show(
  taps: Tap[],
  {
    entries = [],
    signs = {},
    ...more
  }: {
    entries?: LogEntry[];
    signs?: Record<string, boolean>;
    start?: Finding[];
    onWhich?: (saw: string, not: string) => void;
  } = {},
) {
  const { measures } = measureCheck({ context: 'free', captures: [], taps }, hold);
  const log: LessonLog & { add: jest.Mock } = {
    entries,
    ownCues: [],
    add: jest.fn(async () => 'added'),
  };
  const shown = render(
    <WorkOnCard
      measures={measures.map((merged) => ({ checkId: 'now', merged }))}
      signs={signs}
      hold={hold}
      student={student}
      checkId="now"
      log={log}
      {...more}
    />,
  );
  return { ...shown, log };
}

describe('WorkOnCard', () => {
  it('names at most two things with why, what the first leaves open, and a cue each', async () => {
    show([straight, deep]);
    await screen.findByText('The thumb sits on its pad');
    screen.getByText('Because the thumb is straight.');
    screen.getByText('It does not explain that the index is deep.');
    screen.getByText('The index has sunk too deep');
    expect(screen.getAllByText('Say')).toHaveLength(2);
  });

  it('writes down what came of a cue, and shows the next one of the ladder', async () => {
    const { log } = show([straight]);
    await screen.findByText(/Seat the corner of your thumbnail/);
    fireEvent.press(screen.getByText('Not yet'));
    expect(log.add).toHaveBeenCalledWith({
      kind: 'cue',
      checkId: 'now',
      cause: 'thumbOnItsPad',
      cue: 'seat-nail-corner',
      outcome: 'notYet',
    });
    const entries = [entry({ checkId: 'now', ...log.add.mock.calls[0]![0] })];
    show([straight], { entries });
    await screen.findByText(/Turn the bow over/);
  });

  it('says that there is nothing to fix and what holds, and shows nothing when nothing was seen', async () => {
    show([{ measure: 'thumbIpFlexion', answer: { kind: 'fine' } }]);
    await screen.findByText('Nothing to fix');
    screen.getByText('What holds: the bend of the thumb. Say so.');
    const { toJSON } = show([]);
    await Promise.resolve();
    expect(toJSON()).toBeNull();
  });

  it('puts first what the teacher sees, with the word they gave', async () => {
    const chosen = { kind: 'cause', checkId: 'now', cause: 'longNails', instead: 'thumbOnItsPad' };
    show([straight], { entries: [entry({ ...chosen, word: 'look at them' })] });
    await screen.findByText('The thumbnail is too long');
    screen.getByText(
      'Your own eye put this first. Instead of: The thumb sits on its pad. “look at them”',
    );
    screen.getByText('Cut the thumbnail short before we go on.');
  });

  it('lets the teacher choose another cause in one tap', async () => {
    const { log } = show([straight]);
    fireEvent.press(await screen.findByText('I see it differently'));
    const choices = screen.getByLabelText('What do you work on first?');
    fireEvent.press(within(choices).getByText('The thumb reaches too far through'));
    expect(log.add).toHaveBeenCalledWith({
      kind: 'cause',
      checkId: 'now',
      cause: 'thumbTooDeep',
      instead: 'thumbOnItsPad',
      word: null,
    });
  });

  it('asks which it was of two signs that cannot both be, and counts neither meanwhile', async () => {
    const onWhich = jest.fn();
    show([straight], { signs: { littleOff: true, littleCollapsed: true }, onWhich });
    await screen.findByText('The thumb sits on its pad');
    screen.getByText(/Both cannot be/);
    expect(screen.queryByText('The little finger does not carry')).toBeNull();
    fireEvent.press(screen.getByText('I saw that the little finger has collapsed'));
    expect(onWhich).toHaveBeenCalledWith('littleCollapsed', 'littleOff');
  });

  it('does not say that nothing is to fix while it asks', async () => {
    const fine: Tap = { measure: 'thumbIpFlexion', answer: { kind: 'fine' } };
    show([fine], { signs: { littleOff: true, littleCollapsed: true } });
    await screen.findByText('Which was it?');
    await Promise.resolve();
    expect(screen.queryByText('Nothing to fix')).toBeNull();
  });

  it('tells what slipped since the start of the lesson, as tiredness', async () => {
    const start = [{ sign: 'thumbStraight', present: false, group: 'thumbIpFlexion' }];
    show([straight], { start });
    screen.getByText('Right at the start, and now the thumb is straight.');
    await screen.findByText('The hand tires');
    expect(screen.queryByText('The thumb sits on its pad')).toBeNull();
  });

  it('takes drills that load the little finger off while it hurts', async () => {
    const off: Tap = { measure: 'littlePlace', answer: { kind: 'category', category: 'off' } };
    show([off]);
    await screen.findByText('To practise: Raise the tip slowly · Lift one finger at a time');
    screen.unmount();
    show([off], { entries: [entry({ kind: 'hurt', what: 'pain', word: null })] });
    await screen.findByText('Drills that load the little finger are taken off while it hurts.');
    expect(screen.queryByText(/To practise/)).toBeNull();
  });
});
