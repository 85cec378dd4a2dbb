import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import type { PointName, View } from '@open-palm/core/measure';
import { POINT_NAMES } from '@open-palm/core/measure';
import { confirmStep, GROUPS } from './confirmStep';
import { changeMarks, guessesGivenUp, pointToSet, type MarksAction } from './marks';
import { guessesOf, nextOpen, noMarks, type Marks } from './marksState';
import { sequenceFor } from './sequence';

const SEQUENCE: PointName[] = [
  'stickHandEnd',
  'thumbIp',
  'indexMcp',
  'indexPip',
  'indexDip',
  'indexTip',
];
const at = (x: number) => ({ x, y: 10 });
const GUESSES = {
  thumbIp: at(1),
  indexMcp: at(2),
  indexPip: at(3),
  indexDip: at(4),
  indexTip: at(5),
};

const after = (...actions: MarksAction[]): Marks =>
  actions.reduce<Marks>(changeMarks, noMarks(SEQUENCE));
const STICK: MarksAction[] = [
  { type: 'begin' },
  { type: 'set', name: 'stickHandEnd', at: at(0) },
  { type: 'commit', advance: true },
];
const OFFER: MarksAction = { type: 'offer', guesses: GUESSES };

describe('a guess', () => {
  it('is not a mark, and is asked about only in its turn', () => {
    const offered = after(OFFER);
    expect(offered.placed).toEqual({});
    expect(confirmStep(offered)).toBeNull();
    expect(pointToSet(offered)).toBe('stickHandEnd');
    const next = after(OFFER, ...STICK);
    expect(next.placed).toEqual({ stickHandEnd: at(0) });
    expect(confirmStep(next)).toEqual({ id: 'thumbIp', names: ['thumbIp'] });
  });

  it('counts once it is called right, and is remembered as only looked at', () => {
    const agreed = after(OFFER, ...STICK, { type: 'agree', names: ['thumbIp'] });
    expect(agreed.placed.thumbIp).toEqual(at(1));
    expect(agreed.agreed).toEqual(['thumbIp']);
    expect(confirmStep(agreed)).toEqual({
      id: 'index',
      names: ['indexMcp', 'indexPip', 'indexDip', 'indexTip'],
    });
    expect(agreed.chosen).toBeNull();
    expect(pointToSet(agreed)).toBeNull();
  });

  it('that was moved stays a guess until it is called right, and then counts as set', () => {
    const thumb = after(OFFER, ...STICK, { type: 'agree', names: ['thumbIp'] });
    const moved = [
      { type: 'begin' } as const,
      { type: 'set', name: 'indexPip', at: at(33) } as const,
      { type: 'commit', advance: false } as const,
    ].reduce<Marks>(changeMarks, thumb);
    expect(moved.placed.indexPip).toBeUndefined();
    expect(guessesOf(moved).indexPip).toEqual(at(33));
    const names = confirmStep(moved)!.names;
    const agreed = changeMarks(moved, { type: 'agree', names });
    expect(agreed.placed).toMatchObject({ indexMcp: at(2), indexPip: at(33), indexTip: at(5) });
    expect(agreed.agreed).toEqual(['thumbIp', 'indexMcp', 'indexDip', 'indexTip']);
  });

  it('of a single point is settled by touching where it really is', () => {
    const touched = after(
      OFFER,
      ...STICK,
      { type: 'begin' },
      { type: 'set', name: 'thumbIp', at: at(44) },
      { type: 'commit', advance: true },
    );
    expect(touched.placed.thumbIp).toEqual(at(44));
    expect(touched.agreed).toEqual([]);
    expect(confirmStep(touched)!.id).toBe('index');
  });

  it('that cannot be seen never becomes a mark', () => {
    const skipped = after(OFFER, ...STICK, { type: 'skip', names: ['thumbIp'] });
    expect(skipped.placed.thumbIp).toBeUndefined();
    expect(guessesOf(skipped).thumbIp).toBeUndefined();
    const rest = changeMarks(skipped, { type: 'skip', names: ['indexDip', 'indexTip'] });
    expect(confirmStep(rest)!.names).toEqual(['indexMcp', 'indexPip']);
  });

  it('that is given up is touched anew, point by point', () => {
    const thumb = after(OFFER, ...STICK, { type: 'agree', names: ['thumbIp'] });
    const refused = changeMarks(thumb, { type: 'refuse', names: confirmStep(thumb)!.names });
    expect(confirmStep(refused)).toBeNull();
    expect(pointToSet(refused)).toBe('indexMcp');
  });

  it('comes back when what was said of it is taken back', () => {
    for (const said of [
      { type: 'agree', names: ['thumbIp'] },
      { type: 'skip', names: ['thumbIp'] },
      { type: 'refuse', names: ['thumbIp'] },
    ] as const) {
      const undone = changeMarks(after(OFFER, ...STICK, said), { type: 'undo' });
      expect(confirmStep(undone)).toEqual({ id: 'thumbIp', names: ['thumbIp'] });
      const again = changeMarks(undone, { type: 'redo' });
      expect(confirmStep(again)?.id).not.toBe('thumbIp');
    }
  });

  it('never takes the place of what a person has set, nor of what was called unseen', () => {
    const own = after(
      ...STICK,
      { type: 'begin' },
      { type: 'set', name: 'thumbIp', at: at(70) },
      { type: 'commit', advance: true },
      { type: 'skip', names: ['indexTip'] },
      OFFER,
    );
    expect(own.placed.thumbIp).toEqual(at(70));
    expect(Object.keys(guessesOf(own))).toEqual(['indexMcp', 'indexPip', 'indexDip']);
  });

  it('turns over with the picture', () => {
    const mirrored = after(OFFER, ...STICK, { type: 'mirror', width: 100 });
    expect(guessesOf(mirrored).thumbIp).toEqual({ x: 99, y: 10 });
  });
});

describe('the two places that a person shows', () => {
  it('come first, whatever else is offered', () => {
    const asked = after(OFFER, { type: 'askFirst', names: ['wrist', 'middleMcp'] });
    expect(asked.chosen).toBe('wrist');
    expect(asked.sequence.slice(0, 3)).toEqual(['wrist', 'middleMcp', 'stickHandEnd']);
    const found = [
      { type: 'begin' },
      { type: 'set', name: 'wrist', at: at(8) },
      { type: 'commit', advance: true },
      { type: 'begin' },
      { type: 'set', name: 'middleMcp', at: at(9) },
      { type: 'commit', advance: true },
      { type: 'offer', guesses: { ...GUESSES, wrist: at(80), middleMcp: at(90) } },
    ].reduce<Marks>((marks, action) => changeMarks(marks, action as MarksAction), asked);
    expect(found.placed).toEqual({ wrist: at(8), middleMcp: at(9) });
    expect(found.chosen).toBe('stickHandEnd');
  });
});

describe('the bow of the last picture', () => {
  const bow = { stickHandEnd: at(1), stickTipEnd: at(2), frogFront: at(3), frogBack: at(4) };
  const names = Object.keys(bow) as PointName[];
  const offered = [{ type: 'offer', guesses: bow } as const].reduce<Marks>(
    changeMarks,
    noMarks([...names, 'indexMcp']),
  );

  it('is called right as one', () => {
    expect(confirmStep(offered)).toEqual({ id: 'bow', names });
    expect(changeMarks(offered, { type: 'agree', names }).placed).toEqual(bow);
  });

  it('is given up by touching the bow as in every first picture', () => {
    expect(pointToSet(offered)).toBe('stickHandEnd');
    expect(guessesGivenUp(offered)).toEqual(names);
    const touched = [
      { type: 'refuse', names: guessesGivenUp(offered) } as const,
      { type: 'begin' } as const,
      { type: 'set', name: 'stickHandEnd', at: at(50) } as const,
      { type: 'commit', advance: true } as const,
    ].reduce<Marks>(changeMarks, offered);
    expect(touched.placed).toEqual({ stickHandEnd: at(50) });
    expect(touched.chosen).toBe('stickTipEnd');
    expect(guessesGivenUp(touched)).toEqual([]);
  });
});

describe('the way through the points', () => {
  const everything = Object.fromEntries(POINT_NAMES.map((name, i) => [name, at(i)]));
  const handOnly = Object.fromEntries(
    POINT_NAMES.slice(0, 21).map((name) => [name, everything[name]!]),
  );

  it.each(
    HOLD_IDS.map(holdById).flatMap((hold) =>
      hold.views.map((view) => [hold.id, view, hold] as const),
    ),
  )(
    'is at most ten touches for %s from %s, once the hand was found and the bow is as before',
    (_, view, hold) => {
      const { needed } = sequenceFor(view as View, hold);
      const bow = Object.fromEntries(GROUPS[0].names.map((name) => [name, everything[name]!]));
      let marks = changeMarks(noMarks(needed), {
        type: 'offer',
        guesses: { ...handOnly, ...bow },
      });
      let touches = 0;
      while (nextOpen(marks) !== null) {
        const step = confirmStep(marks);
        touches += 1;
        marks = step
          ? changeMarks(marks, { type: 'agree', names: step.names })
          : [
              { type: 'set', name: nextOpen(marks)!, at: at(0) } as const,
              { type: 'commit', advance: true } as const,
            ].reduce<Marks>(changeMarks, marks);
      }
      expect(touches).toBeLessThanOrEqual(10);
      expect(Object.keys(marks.placed).sort()).toEqual([...needed].sort());
    },
  );
});
