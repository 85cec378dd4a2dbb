import { UNKNOWN_HAND } from '../hand';
import { holdById } from '../holds';
import { InputError } from '../issue';
import type { Capture } from '../measure';
import { fitHold } from './fitHold';
import { inventedCaptures, SETTLED } from './testing/inventedHand';

const hold = holdById('violin-shallow');

/** A picture turned about its middle, degrees clockwise as it is looked at, in a frame that holds all of it. */
function turned(capture: Capture, degrees: number): Capture {
  const angle = (degrees * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const { width, height } = capture.image;
  const size = Math.ceil(Math.hypot(width, height));
  const points: Capture['points'] = {};
  for (const [name, { x, y, sigma }] of Object.entries(capture.points)) {
    const [dx, dy] = [x - width / 2, y - height / 2];
    points[name as keyof typeof points] = {
      x: size / 2 + cos * dx - sin * dy,
      y: size / 2 + sin * dx + cos * dy,
      sigma,
    };
  }
  return { ...capture, image: { width: size, height: size }, points };
}

const mirrored = (capture: Capture): Capture => ({
  ...capture,
  points: Object.fromEntries(
    Object.entries(capture.points).map(([name, point]) => [
      name,
      { ...point, x: capture.image.width - point.x },
    ]),
  ),
});

const refusal = (captures: readonly Capture[]): string | null => {
  try {
    fitHold(captures, hold, UNKNOWN_HAND);
    return null;
  } catch (error) {
    if (error instanceof InputError) return error.issues[0]!.code;
    throw error;
  }
};

const pairOf = (seed: number) =>
  inventedCaptures(SETTLED, ['finger-side', 'profile'], { seed, sigma: 1.5 });

describe('a turned picture', () => {
  const pairs = [31, 32].map((seed) => {
    const captures = pairOf(seed);
    return { captures, upright: fitHold(captures, hold, UNKNOWN_HAND) };
  });

  it.each([90, 180, -90, 45])('by %d° is no contradiction, and tells the same bends', (degrees) => {
    for (const { captures, upright } of pairs) {
      const both = captures.map((capture) => turned(capture, degrees));
      for (const pair of [both, [both[0]!, captures[1]!], [captures[0]!, both[1]!]]) {
        const fitted = fitHold(pair, hold, UNKNOWN_HAND);
        fitted.joints.forEach(({ value, sd }, i) => {
          expect(Math.abs(value - upright.joints[i]!.value)).toBeLessThan(Math.max(1, 0.25 * sd));
        });
      }
    }
  });

  it('still contradicts where it is mirrored, whichever way it is turned, and mostly says so', () => {
    let named = 0;
    for (const seed of [34, 35, 36, 37]) {
      const [fingers, profile] = pairOf(seed) as [Capture, Capture];
      for (const degrees of [0, 90, 180]) {
        const code = refusal([turned(mirrored(fingers), degrees), profile]);
        expect(code).not.toBeNull();
        if (code === 'mirroredPicture') named += 1;
      }
    }
    expect(named).toBeGreaterThanOrEqual(9);
  });
});
