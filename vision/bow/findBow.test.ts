import fc from 'fast-check';
import sharp from 'sharp';
import type { Picture, Place } from '../picture';
import { demoTruths } from '../testing/demoTruth';
import { paintedBow, PX_PER_MM, VIOLIN_BESIDE } from '../testing/paintedBow';
import type { BowFacts } from './bowFacts';
import { findBow, type SeenBow } from './findBow';

/** How far a place is off the guessed axis, px. */
function offAxis({ stickHandEnd: a, stickTipEnd: b }: SeenBow, at: Place): number {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  return ((b.x - a.x) * (at.y - a.y) - (b.y - a.y) * (at.x - a.x)) / length;
}

const apart = (a: Place, b: Place): number => Math.hypot(a.x - b.x, a.y - b.y);

describe('a painted bow', () => {
  it('is found however it lies, with its tip and its frog the right way round', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3.1, max: 3.1, noNaN: true }),
        fc.boolean(),
        (angle, flipped) => {
          const { picture, hand, front, back, toTip } = paintedBow(angle, { flipped });
          const facts: BowFacts = { ...VIOLIN_BESIDE, hairIsClockwise: flipped ? -1 : 1 };
          const bow = findBow(picture, hand, facts)!;
          const { stickHandEnd: a, stickTipEnd: b } = bow;
          const length = apart(a, b);
          const turned = ((b.x - a.x) * toTip.x + (b.y - a.y) * toTip.y) / length;
          // Half a degree.
          expect(turned).toBeGreaterThan(Math.cos(0.0087));
          expect(apart(bow.frog!.back, back)).toBeLessThan(2 * PX_PER_MM);
          expect(apart(bow.frog!.front, front)).toBeLessThan(4 * PX_PER_MM);
        },
      ),
      { numRuns: 12 },
    );
  });

  it('has its marks in the picture, however near to its edge it lies', () => {
    const { picture, hand } = paintedBow(0);
    // What lies right of the fingers is cut off.
    const width = 820;
    const data = new Uint8Array(width * picture.height * 4);
    for (let y = 0; y < picture.height; y += 1) {
      const from = y * picture.width * 4;
      data.set(picture.data.subarray(from, from + width * 4), y * width * 4);
    }
    const { stickTipEnd } = findBow({ ...picture, width, data }, hand, VIOLIN_BESIDE)!;
    expect(stickTipEnd.x).toBeGreaterThan(720);
    expect(stickTipEnd.x).toBeLessThan(width);
  });

  it('is a stick alone where the frog is behind the hand', () => {
    const { picture, hand, toTip } = paintedBow(0.4, { without: ['frog'] });
    const {
      stickHandEnd: a,
      stickTipEnd: b,
      frog,
    } = findBow(picture, hand, {
      ...VIOLIN_BESIDE,
      sight: 'behind',
    })!;
    expect(frog).toBeNull();
    expect(((b.x - a.x) * toTip.x + (b.y - a.y) * toTip.y) / apart(a, b)).toBeGreaterThan(
      Math.cos(0.0087),
    );
  });

  it('is not made up where there is none: no stick, no frog, only a wall, or only noise', () => {
    const whole = paintedBow(0.2);
    for (const without of [['stick'], ['frog'], ['stick', 'frog']] as const) {
      expect(findBow(paintedBow(0.2, { without }).picture, whole.hand, VIOLIN_BESIDE)).toBeNull();
    }
    const { width, height } = whole.picture;
    let state = 7;
    const noise = Uint8Array.from({ length: width * height * 4 }, () => {
      state = (state * 1103515245 + 12345) % 2147483648;
      return state >> 16;
    });
    expect(findBow({ width, height, data: noise }, whole.hand, VIOLIN_BESIDE)).toBeNull();
  });

  it('is not offered for a hand that is elsewhere in the picture', () => {
    const { picture, hand } = paintedBow(0);
    const elsewhere = hand.map(({ x, y }) => ({ x: x * 0.4, y: y * 0.4 - 60 }));
    expect(findBow(picture, elsewhere, VIOLIN_BESIDE)).toBeNull();
  });
});

/** Bows as they are rendered, by their frog's length, mm. */
const SIZES: Record<number, BowFacts['sizes']> = {
  46: { frogLengthMm: 46, stickMm: 8.6, undersideMm: 23 },
  52: { frogLengthMm: 52, stickMm: 10, undersideMm: 26 },
  58: { frogLengthMm: 58, stickMm: 11, undersideMm: 29 },
};
const SIGHTS: Record<string, Pick<BowFacts, 'sight' | 'hairIsClockwise'>> = {
  'finger-side': { sight: 'beside', hairIsClockwise: 1 },
  'thumb-side': { sight: 'below', hairIsClockwise: -1 },
};
describe('the committed pictures', () => {
  const shown = demoTruths().filter(({ view }) => view in SIGHTS);

  it('show a bow where it is, in nearly all of them, and in none one that is elsewhere', async () => {
    const silent: string[] = [];
    for (const { picture: file, view, frogLengthMm, hand: exact, at } of shown) {
      const { data, info } = await sharp(file)
        .ensureAlpha()
        .raw()
        .toBuffer({ resolveWithObject: true });
      const picture: Picture = { width: info.width, height: info.height, data };
      // The hand as the finder sees it, off by some millimetres here and there.
      const hand = exact.map(({ x, y }, i) => ({
        x: x + 9 * Math.sin(i * 2.3),
        y: y + 9 * Math.cos(i * 3.1),
      }));
      const sizes = SIZES[frogLengthMm]!;
      const bow = findBow(picture, hand, {
        ...SIGHTS[view]!,
        sizes,
        middleFingerMm: 97.2,
      });
      if (!bow) {
        silent.push(file);
        continue;
      }
      const mm = frogLengthMm / apart(at('frogFront'), at('frogBack'));
      for (const name of ['stickHandEnd', 'stickTipEnd']) {
        expect([file, Math.abs(offAxis(bow, at(name))) * mm < 2]).toEqual([file, true]);
      }
      expect([file, apart(bow.frog!.back, at('frogBack')) * mm < 4]).toEqual([file, true]);
      expect([file, apart(bow.frog!.front, at('frogFront')) * mm < 4]).toEqual([file, true]);
    }
    expect(shown.length).toBeGreaterThanOrEqual(18);
    expect(silent.length).toBeLessThanOrEqual(3);
  });
});
