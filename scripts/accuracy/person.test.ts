import { HAND_POINTS } from '@open-palm/core/hand';
import { confirm, type HandPlaces } from './person';

const all = (x: number): HandPlaces =>
  Object.fromEntries(HAND_POINTS.map((name) => [name, { x, y: 0 }])) as HandPlaces;

describe('the person of the accuracy measurement', () => {
  it('lets a near guess pass, moves a far one, and calls what is hidden unseen', () => {
    const guesses = { ...all(0), thumbTip: { x: 30, y: 0 } };
    const { points, agreed, moved, unseen } = confirm(guesses, all(15), ['wrist'], 1000, () => 1);
    expect(unseen).toEqual(['wrist']);
    expect(points.wrist).toBeUndefined();
    expect(agreed).toHaveLength(20);
    expect(points.thumbTip).toEqual({ x: 30, y: 0 });
    expect(moved).toEqual([]);
    const far = confirm({ ...all(15), thumbTip: { x: 40, y: 0 } }, all(15), [], 1000, () => 1);
    expect(far.moved).toEqual(['thumbTip']);
    // One SD of 0.5 % beside the truth, not beside the guess.
    expect(far.points.thumbTip).toEqual({ x: 20, y: 5 });
  });
});
