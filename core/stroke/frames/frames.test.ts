import fc from 'fast-check';
import { seededNormal } from '../../stats';
import type { Vec2 } from '../../units';
import { analyseStroke } from '../analyseStroke';
import type { StrokeCut } from '../cutStrokes';
import { minimumJerk } from '../testing/takes';
import { pathSeries, type PathFrame } from './bowPath';
import { wristFlexionOf, type WristFrame } from './frameMarks';
import { placesAlong } from './handPath';
import { FRAMES_PER_STROKE, markingOrder, MOST_FRAMES, pickFrames } from './pickFrames';
import { stillsSeries, wristInFrames, wristSeries } from './wristSeries';

const RAD = Math.PI / 180;
const from = ({ x, y }: Vec2, deg: number, length: number): Vec2 => ({
  x: x + length * Math.cos(deg * RAD),
  y: y + length * Math.sin(deg * RAD),
});

/** A right hand seen from the side: its forearm comes from the left, the hand goes 100 px to and fro. */
function frameAt(timeS: number, place: number, flexionDeg: number, handDeg = 10): WristFrame {
  const wrist = { x: 300 - 100 * place, y: 200 + 20 * place };
  const forearmDeg = handDeg - flexionDeg;
  return {
    timeS,
    hand: { wrist, middleMcp: from(wrist, handDeg, 80) },
    forearm: {
      near: from(wrist, forearmDeg + 180, 20),
      far: from(wrist, forearmDeg + 180, 180),
    },
  };
}

/** Two strokes of two seconds, ten frames each, the wrist from 16° at the heel to −8° at the point. */
const PLAYED = Array.from({ length: 21 }, (_, i) => {
  const timeS = i * 0.2;
  const share = minimumJerk((timeS % 2) / 2);
  const place = i === 20 ? 0 : timeS < 2 ? share : 1 - share;
  return frameAt(timeS, place, 16 - 24 * place);
});

describe('the wrist in a frame', () => {
  it('is the angle between two lines, clockwise for a right hand and the other way for a left', () => {
    const hand = { wrist: { x: 100, y: 100 }, middleMcp: { x: 200, y: 100 } };
    expect(wristFlexionOf(hand, -20, 'right')).toBeCloseTo(20, 9);
    expect(wristFlexionOf(hand, -20, 'left')).toBeCloseTo(-20, 9);
  });

  it('does not change when the whole clip is turned', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        (turn, bend) => {
          const { hand } = frameAt(0, 0.3, bend, turn);
          expect(wristFlexionOf(hand!, turn - bend, 'right')).toBeCloseTo(bend, 6);
        },
      ),
    );
  });
});

describe('the way of the hand', () => {
  it('gives the bow’s place between the ends that were seen, the heel where a person says', () => {
    const places = placesAlong(PLAYED, 0);
    expect(places[0]).toBeCloseTo(0, 1);
    expect(places[5]).toBeCloseTo(0.5, 1);
    expect(places[10]).toBeCloseTo(1, 1);
    expect(placesAlong(PLAYED, 2)[10]).toBeCloseTo(0, 1);
  });

  it('is not told of a hand that hardly moves, nor without hands', () => {
    const still = PLAYED.map((_, i) => frameAt(i * 0.2, (i % 2) * 0.1, 0));
    expect(placesAlong(still, 0)).toEqual(still.map(() => null));
    expect(placesAlong([{ timeS: 0, hand: null, forearm: null }], 0)).toEqual([null]);
  });
});

describe('the frames that are picked', () => {
  const strokes = (lengths: readonly number[]): StrokeCut[] => {
    let at = 0;
    return lengths.map((length) => {
      const fromS = at;
      at += length;
      return { fromS, toS: at, direction: null };
    });
  };

  it('are 8 to 12 of each stroke, spread evenly, both turns among them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.3, max: 4, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (lengths) => {
          const cuts = strokes(lengths);
          const times = pickFrames(cuts, []);
          expect(times.length).toBeLessThanOrEqual(MOST_FRAMES);
          for (const { fromS, toS } of cuts) {
            const within = times.filter((time) => time >= fromS - 1e-9 && time <= toS + 1e-9);
            expect(within.length).toBeGreaterThanOrEqual(FRAMES_PER_STROKE.fewest);
            expect(within.length).toBeLessThanOrEqual(FRAMES_PER_STROKE.most);
            const gaps = within.slice(1).map((time, i) => time - within[i]!);
            expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(1e-6);
          }
        },
      ),
    );
  });

  it('are those that were looked at already where they are near enough', () => {
    const looked = Array.from({ length: 21 }, (_, i) => i * 0.2);
    const times = pickFrames(strokes([2, 2]), looked);
    expect(times.every((time) => looked.includes(time))).toBe(true);
    expect(times).toHaveLength(21);
  });

  it('leave the last strokes out of a clip with too many', () => {
    expect(pickFrames(strokes(Array(20).fill(1)), []).length).toBeLessThanOrEqual(MOST_FRAMES);
  });

  it('are asked turn, turn and middle first, each frame once', () => {
    const times = pickFrames(strokes([2, 2]), []);
    const order = markingOrder(times, strokes([2, 2]));
    expect(order.slice(0, 3).map((i) => times[i])).toEqual([0, 2, 1]);
    expect([...order].sort((a, b) => a - b)).toEqual(times.map((_, i) => i));
  });
});

describe('a take from frames', () => {
  const options = { heelS: 0, side: 'right', markSdPx: 1 } as const;

  it('has the wrist of every frame whose forearm was marked', () => {
    const { channels } = wristSeries(PLAYED, options)!;
    expect(channels.wristFlexion![0]).toBeCloseTo(16, 6);
    expect(channels.wristFlexion![10]).toBeCloseTo(-8, 6);
    const { ranges, means, strokes, smoothness } = analyseStroke(wristSeries(PLAYED, options)!);
    expect(strokes.map(({ direction }) => direction)).toEqual(['down', 'up']);
    expect(Math.abs(ranges.wristFlexion!.deg - 23)).toBeLessThan(3);
    // From four fifths of the way on: the mean of 16 − 24 · place there.
    expect(Math.abs(means.point!.deg + 6.5)).toBeLessThan(0.5);
    // So few frames say nothing of smoothness.
    expect(smoothness).toBeNull();
  });

  it('turns the forearm with the bow between two frames that were marked', () => {
    const few = PLAYED.map((frame, i) =>
      [0, 10, 20].includes(i) ? frame : { ...frame, forearm: null },
    );
    const wrists = wristInFrames(few, placesAlong(few, 0), 'right');
    for (const [i, frame] of wrists.entries()) {
      const exact = wristInFrames(PLAYED, placesAlong(PLAYED, 0), 'right')[i]!;
      expect(frame!.flexionDeg).toBeCloseTo(exact.flexionDeg, 0);
    }
    expect(wrists[3]!.marked).toBe(false);
  });

  it('tells nothing outside the frames that were marked, and nothing where no hand is', () => {
    const few = PLAYED.map((frame, i) => ({
      ...frame,
      hand: i === 5 ? null : frame.hand,
      forearm: i >= 4 && i <= 8 ? frame.forearm : null,
    }));
    const wrists = wristInFrames(few, placesAlong(few, 0), 'right');
    expect(wrists[3]).toBeNull();
    expect(wrists[5]).toBeNull();
    expect(wrists[9]).toBeNull();
    expect(wrists[6]).not.toBeNull();
  });

  it('keeps its range within 3° of the truth with marks that are off by 1 % of the picture', () => {
    const normal = seededNormal(12);
    const slip = ({ x, y }: Vec2) => ({ x: x + 6.4 * normal(), y: y + 6.4 * normal() });
    const errors = Array.from({ length: 40 }, () => {
      const noisy = PLAYED.map(({ forearm, ...frame }) => ({
        ...frame,
        forearm: { near: slip(forearm!.near), far: slip(forearm!.far) },
      }));
      const series = wristSeries(noisy, { ...options, markSdPx: 6.4 })!;
      return analyseStroke(series).ranges.wristFlexion!.deg - 23;
    });
    const mean = errors.reduce((sum, error) => sum + Math.abs(error), 0) / errors.length;
    expect(mean).toBeLessThan(3);
  });

  it('is none before three frames can tell of the wrist', () => {
    const two = PLAYED.map((frame, i) => (i < 2 ? frame : { ...frame, forearm: null }));
    expect(wristSeries(two, options)).toBeNull();
  });

  it('does not doubt the range because a second stroke was not marked', () => {
    const first = PLAYED.map((frame, i) => (i <= 10 ? frame : { ...frame, forearm: null }));
    const { sd } = analyseStroke(wristSeries(first, options)!).ranges.wristFlexion!;
    const { sd: both } = analyseStroke(wristSeries(PLAYED, options)!).ranges.wristFlexion!;
    expect(sd).toBeLessThan(1.2 * both);
  });
});

describe('three stills', () => {
  const still = (deg: number) => frameAt(0, 0, deg);

  it('give heel, middle and point, and range from the least to the most', () => {
    const series = stillsSeries(
      { heel: still(14), middle: still(3), point: still(-9) },
      { side: 'right', markSdPx: 0.001 },
    )!;
    const { means, turn, ranges } = analyseStroke(series);
    expect(means.heel!.deg).toBeCloseTo(14, 6);
    expect(means.middle!.deg).toBeCloseTo(3, 6);
    expect(means.point!.deg).toBeCloseTo(-9, 6);
    expect(turn!.deg).toBeCloseTo(-23, 6);
    // √(23² − (3.29 · 2.5)²): what the finder's own doubt could make is taken out.
    expect(ranges.wristFlexion!.deg).toBeCloseTo(21.48, 1);
  });

  it('are not told while one is missing', () => {
    const stills = { heel: still(1), middle: null, point: still(2) };
    expect(stillsSeries(stills, { side: 'right', markSdPx: 1 })).toBeNull();
  });
});

describe('the bow’s path', () => {
  /** The bow crosses an upright string at a place of its hair, its point lifted by so many degrees. */
  const crossing = (timeS: number, place: number, skewDeg: number): PathFrame => {
    const share = 0.09 + place * (0.975 - 0.09);
    const hand = from({ x: 200, y: 200 }, 180 - skewDeg, 300 * share);
    return {
      timeS,
      stick: { hand, tip: from(hand, -skewDeg, 300) },
      string: { upper: { x: 200, y: 100 }, lower: { x: 200, y: 300 } },
    };
  };

  it('is how far from square the bow is, and where on the hair the string is', () => {
    const series = pathSeries([crossing(0, 0, 2), crossing(1, 0.5, 5), crossing(2, 1, 9)], 0.5)!;
    [2, 5, 9].forEach((deg, i) => expect(series.channels.bowSkew![i]).toBeCloseTo(deg, 6));
    [0, 0.5, 1].forEach((at, i) => expect(series.channels.bowPlace![i]).toBeCloseTo(at, 6));
    const { skew } = analyseStroke(series);
    expect(skew.heel!.deg).toBeCloseTo(2, 6);
    expect(skew.point!.deg).toBeCloseTo(9, 6);
  });

  it('leaves out frames that were not marked, and needs three', () => {
    const bare = { timeS: 3, stick: null, string: null };
    expect(pathSeries([crossing(0, 0, 2), crossing(1, 0.5, 5), bare], 0.5)).toBeNull();
    const four = [crossing(0, 0, 2), bare, crossing(4, 0.5, 5), crossing(5, 1, 5)];
    expect(pathSeries(four, 0.5)!.timesS).toEqual([0, 4, 5]);
  });
});
