import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { HAND_POINTS } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import { VIEWS } from '@open-palm/core/measure';
import { otherView } from './seenView';

const violin = holdById('violin-shallow');

/** A hand as it lies in a committed picture. */
function handIn(name: string) {
  const file = join(__dirname, '../../../../../studio-demo/pictures', `${name}.json`);
  const { points2d } = JSON.parse(readFileSync(file, 'utf8')) as {
    points2d: Record<string, [number, number]>;
  };
  return HAND_POINTS.map((point) => ({ x: points2d[point]![0], y: points2d[point]![1] }));
}

describe('the view that a picture shows instead of the one that was said', () => {
  const thumb = handIn('settled.thumb-side');
  const fingers = handIn('settled.finger-side');

  it('is told where it is another, and not where it is the same', () => {
    expect(otherView('finger-side', thumb, 'right', violin)).toBe('thumb-side');
    expect(otherView('thumb-side', thumb, 'right', violin)).toBeNull();
  });

  it('is never told for a view whose hand looks like another one’s: from the front the fingers are seen as from their side', () => {
    const asked = VIEWS.filter((view) => otherView(view, fingers, 'right', violin) !== null);
    expect(asked).toEqual(['thumb-side', 'player-eye', 'profile']);
  });

  it('is nothing for a hand from below, whose shapes nobody has', () => {
    expect(otherView('finger-side', thumb, 'right', holdById('german-bass'))).toBeNull();
  });
});
