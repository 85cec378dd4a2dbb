import { holdById } from '@open-palm/core/holds';
import type { PointName } from '@open-palm/core/measure';
import { changeMarks, type MarksAction } from './marks';
import { nextOpen, noMarks, type Marks } from './marksState';
import { sequenceFor } from './sequence';

const SEQUENCE: PointName[] = ['frogFront', 'frogBack', 'thumbTip'];

const after = (...actions: MarksAction[]): Marks => actions.reduce(changeMarks, noMarks(SEQUENCE));

const place = (name: PointName, x: number): MarksAction[] => [
  { type: 'begin' },
  { type: 'set', name, at: { x, y: 5 } },
  { type: 'commit', advance: true },
];

describe('marks', () => {
  it('ask for the points in order, past those set and skipped', () => {
    expect(noMarks(SEQUENCE).chosen).toBe('frogFront');
    expect(after(...place('frogFront', 1)).chosen).toBe('frogBack');
    const skipped = after(...place('frogFront', 1), { type: 'skip', names: ['frogBack'] });
    expect(skipped.chosen).toBe('thumbTip');
    expect(skipped.placed.frogBack).toBeUndefined();
    expect(
      nextOpen(
        after(
          ...place('frogFront', 1),
          { type: 'skip', names: ['frogBack'] },
          ...place('thumbTip', 3),
        ),
      ),
    ).toBeNull();
  });

  it('take back a whole drag at once, and bring it again', () => {
    const dragged = after(
      ...place('frogFront', 1),
      { type: 'begin' },
      { type: 'set', name: 'frogFront', at: { x: 2, y: 5 } },
      { type: 'set', name: 'frogFront', at: { x: 9, y: 5 } },
      { type: 'commit', advance: false },
    );
    const undone = changeMarks(dragged, { type: 'undo' });
    expect(undone.placed.frogFront).toEqual({ x: 1, y: 5 });
    expect(changeMarks(undone, { type: 'redo' }).placed.frogFront).toEqual({ x: 9, y: 5 });
    expect(changeMarks(changeMarks(undone, { type: 'undo' }), { type: 'undo' }).placed).toEqual({});
  });

  it('forget what was taken back once something new is done', () => {
    const undone = after(...place('frogFront', 1), { type: 'undo' });
    const changed = place('frogFront', 7).reduce(changeMarks, undone);
    expect(changeMarks(changed, { type: 'redo' })).toEqual(changed);
  });

  it('leave no trace of a change that was given up', () => {
    const before = after(...place('frogFront', 1));
    const given = [
      { type: 'begin' } as const,
      { type: 'set', name: 'frogBack', at: { x: 4, y: 4 } } as const,
      { type: 'revert' } as const,
    ].reduce<Marks>(changeMarks, before);
    expect(given).toEqual(before);
  });

  it('set a skipped point when it is touched after all', () => {
    const seen = after({ type: 'skip', names: ['frogFront'] }, ...place('frogFront', 3));
    expect(seen.skipped).toEqual([]);
    expect(seen.placed.frogFront).toEqual({ x: 3, y: 5 });
  });

  it('mirror with the picture, and so does what can be taken back', () => {
    const mirrored = after(...place('frogFront', 10), ...place('frogBack', 20), {
      type: 'mirror',
      width: 100,
    });
    expect(mirrored.placed.frogBack).toEqual({ x: 80, y: 5 });
    const back = changeMarks(mirrored, { type: 'undo' });
    expect(back.placed).toEqual({ frogFront: { x: 90, y: 5 } });
  });
});

const violin = holdById('violin-shallow');

describe('sequenceFor', () => {
  it('asks first for what the view can tell, the bow before the hand, and offers the rest', () => {
    const { needed, further } = sequenceFor('finger-side', violin);
    expect(needed.slice(0, 5)).toEqual([
      'stickHandEnd',
      'stickTipEnd',
      'frogFront',
      'frogBack',
      'indexMcp',
    ]);
    expect(needed).toHaveLength(20);
    expect(new Set([...needed, ...further]).size).toBe(25);
    // The thumb's tip tells only whether it pokes through, which is marked where it shows.
    expect(further[0]).toBe('thumbTip');
  });

  it('asks for what can be told where nothing is judged', () => {
    expect(sequenceFor('bow-side', violin).needed).toEqual([
      'frogFront',
      'frogBack',
      'stickMid',
      'hairMid',
    ]);
  });

  it('asks for the forearm where the wrist is measured, and for no bow along the stick', () => {
    const { needed } = sequenceFor('profile', violin);
    expect(needed).toContain('forearm');
    expect(needed).not.toContain('frogFront');
    expect(sequenceFor('thumb-side', violin).needed).not.toContain('forearm');
  });
});
