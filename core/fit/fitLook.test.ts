import { UNKNOWN_HAND } from '../hand';
import { holdById } from '../holds';
import type { Look, PlacedCapture } from '../measure';
import { fitGroups, fitLookInSteps, lookFitsOf } from './fitLook';
import { atOnce } from './searchMinima';
import { inventedCaptures, SETTLED } from './testing/inventedHand';

const hold = holdById('violin-shallow');
const [thumbSide, profile] = inventedCaptures(SETTLED, ['thumb-side', 'profile'], {
  seed: 21,
  sigma: 2,
}) as [PlacedCapture, PlacedCapture];
const [front] = inventedCaptures(SETTLED, ['front'], { seed: 22, sigma: 2 }) as [PlacedCapture];
const bare: PlacedCapture = {
  ...front,
  points: { wrist: front.points.wrist!, stickMid: { x: 1, y: 1, sigma: 1 } },
};
const lookOf = (...captures: PlacedCapture[]): Look => ({ context: 'free', captures, taps: [] });

describe('the pictures of a look that are fitted together', () => {
  it('are those of one place in the bow that show enough', () => {
    const look = lookOf(thumbSide, bare, { ...profile, place: 'heel' }, profile);
    expect(fitGroups(look)).toEqual([
      { place: null, captures: [0, 3] },
      { place: 'heel', captures: [2] },
    ]);
    expect(fitGroups({ ...look, context: 'heel' })).toEqual([
      { place: 'heel', captures: [0, 2, 3] },
    ]);
  });

  it('are of each view one first, where there are too many', () => {
    const look = lookOf(thumbSide, thumbSide, profile, front, profile);
    expect(fitGroups(look)[0]!.captures).toEqual([0, 2, 3]);
  });
});

describe('what a look tells by its fitted hands', () => {
  it('is numbers from two pictures, and nothing from one, whose answers are ranges', () => {
    const look = lookOf(thumbSide, profile);
    const [both] = lookFitsOf(atOnce(fitLookInSteps(look, hold, UNKNOWN_HAND)));
    expect(both!.captures).toEqual([0, 1]);
    expect(both!.measures.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['thumbIpFlexion', 'littlePipFlexion', 'handLean']),
    );
    const alone = atOnce(fitLookInSteps(lookOf(thumbSide), hold, UNKNOWN_HAND));
    expect(lookFitsOf(alone)[0]!.measures).toEqual([]);
    expect(atOnce(fitLookInSteps(lookOf(thumbSide), hold, UNKNOWN_HAND, 2))).toEqual([]);
  });

  it('is, for pictures that give no hand, the reason with the places of the look', () => {
    const [fit] = atOnce(fitLookInSteps(lookOf(bare, thumbSide, thumbSide), hold, UNKNOWN_HAND));
    expect(fit!.fitted).toBeNull();
    expect(fit!.issues).toEqual([
      { code: 'samePicture', where: 'captures[2]', params: { other: 2 } },
    ]);
  });
});
