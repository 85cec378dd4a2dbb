import { UNKNOWN_HAND } from '../hand';
import { holdById } from '../holds';
import { bowInView } from './bowInView';
import { VIEWS } from './view';

const violin = holdById('violin-shallow');

describe('what a view shows of the bow', () => {
  it('is a bow of the student’s own size, with its hair on the side where it lies', () => {
    const full = bowInView('finger-side', 'right', violin, 46, UNKNOWN_HAND)!;
    expect(full).toMatchObject({ sight: 'beside', hairIsClockwise: 1 });
    expect(full.sizes.stickMm).toBeCloseTo(8.6);
    const half = bowInView('finger-side', 'left', violin, 23, UNKNOWN_HAND)!;
    expect(half.hairIsClockwise).toBe(-1);
    expect(half.sizes.stickMm).toBeCloseTo(4.3);
    expect(half.sizes.undersideMm).toBeCloseTo(full.sizes.undersideMm / 2);
  });

  it('is nothing where the stick points at the camera, and under a hand from below', () => {
    const shown = VIEWS.filter((view) => bowInView(view, 'right', violin, 46, UNKNOWN_HAND));
    expect(shown).toEqual(['finger-side', 'thumb-side', 'player-eye']);
    expect(bowInView('finger-side', 'right', holdById('german-bass'), 58, UNKNOWN_HAND)).toBeNull();
  });
});
