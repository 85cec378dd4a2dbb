import { act, fireEvent, render, screen, within } from '@testing-library/react-native';
import type { LogEntry, Student } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { advise as mockAdvise, type Advice, type Finding } from '@open-palm/core/judge';
import { measureCheck, type Context, type Tap } from '@open-palm/core/measure';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { WorkOnCard } from './WorkOnCard';

// Jest has no workers: the worker's own function answers.
const mockAsk = jest.fn(async (...asked: Parameters<typeof mockAdvise>) => mockAdvise(...asked));
jest.mock('../../foundation/workers/askAdvice', () => ({
  askAdvice: (...asked: Parameters<typeof mockAdvise>) => mockAsk(...asked),
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
    onAnswer?: (sign: string, seen: boolean) => void;
    watches?: boolean;
    context?: Context;
  } = {},
) {
  const { measures } = measureCheck({ context: more.context ?? 'free', captures: [], taps }, hold);
  const log: LessonLog & { add: jest.Mock } = {
    entries,
    ownCues: [],
    add: jest.fn(async () => 'added'),
  };
  const shown = render(
    <WorkOnCard
      measures={measures.map((merged) => ({ checkId: 'now', context: 'free', merged }))}
      signs={signs}
      hold={hold}
      student={student}
      checkId="now"
      context="free"
      log={log}
      {...more}
    />,
  );
  return { ...shown, log };
}

describe('WorkOnCard', () => {
  const pad: Tap = { measure: 'thumbContact', answer: { kind: 'category', category: 'pad' } };

  it('says first what was seen, then why, what it leaves open, and a cue each', async () => {
    show([straight, pad, deep]);
    await screen.findByText('The thumb is straight.');
    screen.getByText('Probably because the thumb sits on its pad.');
    screen.getByText('The index is deep.');
    expect(screen.getAllByText('Say')).toHaveLength(2);
    // Nobody saw a nail, and nobody is told of one.
    expect(screen.queryByText(/nail is too long/)).toBeNull();
  });

  it('corrects what was seen where no cause may be named', async () => {
    const { log } = show([straight]);
    await screen.findByText('The thumb is straight.');
    expect(screen.queryByText(/because/)).toBeNull();
    screen.getByText('Bend the thumb before it touches the stick.');
    fireEvent.press(screen.getByText('Worked'));
    expect(log.add).toHaveBeenCalledWith({
      kind: 'cue',
      checkId: 'now',
      cause: null,
      sign: 'thumbStraight',
      cue: 'bend-before-touching',
      outcome: 'worked',
    });
  });

  it('writes down what came of a cue, and shows the next one of the ladder', async () => {
    const { log } = show([straight, pad]);
    await screen.findByText(/Let the thumb touch with its corner/);
    fireEvent.press(screen.getByText('Not yet'));
    expect(log.add).toHaveBeenCalledWith({
      kind: 'cue',
      checkId: 'now',
      cause: 'thumbOnItsPad',
      cue: 'seat-nail-corner',
      outcome: 'notYet',
    });
    const entries = [entry({ checkId: 'now', ...log.add.mock.calls[0]![0] })];
    show([straight, pad], { entries });
    await screen.findByText(/Bend the thumb before it touches/);
  });

  it('asks one question, drawn, and puts the answer into the look', async () => {
    const onAnswer = jest.fn();
    const stiff = { handStiffensAtEnds: true };
    const { log } = show([], { signs: stiff, onAnswer, context: 'playing-start' });
    await screen.findByText('One look would help');
    fireEvent.press(screen.getByText('No'));
    expect(onAnswer).toHaveBeenCalledWith(expect.any(String), false);
    const [noted] = log.add.mock.calls[0]!;
    expect(noted).toMatchObject({ kind: 'answer', checkId: 'now', seen: false });
    // It is asked once a lesson.
    screen.unmount();
    show([], { signs: stiff, onAnswer, entries: [entry(noted)], context: 'playing-start' });
    await screen.findByText('The hand stiffens at either end.');
    expect(screen.queryByText('One look would help')).toBeNull();
  });

  it('takes not sure for an answer, which changes nothing', async () => {
    const onAnswer = jest.fn();
    const { log } = show([], {
      signs: { handStiffensAtEnds: true },
      onAnswer,
      context: 'playing-start',
    });
    fireEvent.press(await screen.findByText('Not sure'));
    expect(onAnswer).not.toHaveBeenCalled();
    expect(log.add).toHaveBeenCalledWith(expect.objectContaining({ kind: 'answer', seen: null }));
  });

  it('says that there is nothing to fix and what holds, and shows nothing when nothing was seen', async () => {
    show([{ measure: 'thumbIpFlexion', answer: { kind: 'fine' } }]);
    await screen.findByText('Nothing to fix');
    screen.getByText('Going well: the bend of the thumb. Tell the student.');
    const { toJSON } = show([]);
    await Promise.resolve();
    expect(toJSON()).toBeNull();
  });

  it('notes small things and changes nothing for them', async () => {
    show([], { signs: { knucklesFlat: true } });
    await screen.findByText('The knuckles are flat.');
    screen.getByText('Noted. Nothing to change while the hand is soft and sounds well.');
    expect(screen.queryByText('Say')).toBeNull();
  });

  it('lists what was seen while only watching, and corrects nothing', async () => {
    show([straight], { watches: true });
    await screen.findByText('Seen while watching');
    screen.getByText('The thumb is straight.');
    expect(screen.queryByText('Say')).toBeNull();
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
    const { log } = show([straight, pad]);
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
    await screen.findByText('The thumb is straight.');
    screen.getByText(/can’t both be true/);
    fireEvent.press(screen.getByText('I saw that the little finger has collapsed'));
    expect(onWhich).toHaveBeenCalledWith('littleCollapsed', 'littleOff');
  });

  it('does not say that nothing is to fix while it asks', async () => {
    const fine: Tap = { measure: 'thumbIpFlexion', answer: { kind: 'fine' } };
    show([fine], { signs: { littleOff: true, littleCollapsed: true } });
    await screen.findByText('Which was it?');
    // Everything that was asked is answered, and drawn: what is not there now does not come.
    await act(() => Promise.all(mockAsk.mock.results.map(({ value }) => value as Promise<Advice>)));
    expect(screen.queryByText('Nothing to fix')).toBeNull();
  });

  it('says that it could not be worked out, and asks again in one tap', async () => {
    mockAsk.mockRejectedValueOnce(new Error('the worker is broken'));
    show([straight]);
    fireEvent.press(await screen.findByText('Try again'));
    await screen.findByText('The thumb is straight.');
    expect(screen.queryByText(/could not be worked out/)).toBeNull();
  });

  it('tells what slipped since the start of the lesson, as tiredness', async () => {
    const start = [{ sign: 'thumbStraight', present: false, group: 'thumbIpFlexion' }];
    show([straight], { start });
    await screen.findByText('Right at the start, and now the thumb is straight.');
    screen.getByText('It is right at first and tense later.');
    screen.getByText('Shorter turns, more rests, and a lighter part of the bow.');
  });

  it('says nothing but rest while it hurts', async () => {
    const off: Tap = { measure: 'littlePlace', answer: { kind: 'category', category: 'off' } };
    show([off]);
    await screen.findByText(
      'To practise: Feel the weight over four fingers · Raise the tip slowly · Walk up the stick (the last 2 over something soft)',
    );
    screen.unmount();
    show([off], { entries: [entry({ kind: 'hurt', what: 'pain', word: null })] });
    await screen.findByText('Rest now');
    expect(screen.queryByText(/To practise/)).toBeNull();
    expect(screen.queryByText('Say')).toBeNull();
  });
});
