import fc from 'fast-check';
import { fromVector, times, timesInverse, toVector } from '../rotation';
import { sightBetween } from './sight';

const angle = fc.double({ min: -1.4, max: 1.4, noNaN: true });
const any = fc.tuple(angle, angle, angle).map(([x, y, z]) => fromVector(x, y, z));

describe('the tilt of one line of sight against another', () => {
  it('is a small turn itself, less what turns the picture', () => {
    const { across } = sightBetween(fromVector(0.01, -0.02, 0.3));
    expect(Math.hypot(...across)).toBeCloseTo(Math.hypot(0.01, 0.02), 3);
    expect(Math.hypot(...sightBetween(fromVector(0, 0, 2)).across)).toBeCloseTo(0, 9);
  });

  it('is as long as the angle between the lines, however either picture is turned', () => {
    fc.assert(
      fc.property(any, angle, angle, (turn, before, after) => {
        const { across } = sightBetween(turn);
        const z = turn[8]!;
        expect(Math.hypot(...across)).toBeCloseTo(Math.acos(Math.min(1, Math.max(-1, z))), 6);
        const rolled = times(
          times(fromVector(0, 0, 2 * after), turn),
          fromVector(0, 0, 2 * before),
        );
        expect(Math.hypot(...sightBetween(rolled).across)).toBeCloseTo(Math.hypot(...across), 6);
      }),
    );
  });

  it('takes the other camera’s line to this one’s, with no turn about either', () => {
    fc.assert(
      fc.property(any, (turn) => {
        const [x, y] = sightBetween(turn).across;
        // What is left is a turn about the line of sight alone.
        const twist = toVector(timesInverse(turn, fromVector(x, y, 0)));
        expect(Math.hypot(twist.x, twist.y)).toBeLessThan(1e-6);
      }),
    );
  });

  it('changes by small turns as its jacobian says', () => {
    fc.assert(
      fc.property(any, (turn) => {
        const STEP = 1e-6;
        const { jacobian } = sightBetween(turn);
        [0, 1, 2].forEach((axis) => {
          const along = [0, 1, 2].map((k) => (k === axis ? STEP : 0)) as [number, number, number];
          const back = along.map((v) => -v) as [number, number, number];
          const more = sightBetween(times(fromVector(...along), turn)).across;
          const less = sightBetween(times(fromVector(...back), turn)).across;
          [0, 1].forEach((row) => {
            const slope = (more[row]! - less[row]!) / (2 * STEP);
            expect(slope).toBeCloseTo(axis === 2 ? 0 : jacobian[row]![axis]!, 3);
          });
        });
      }),
    );
  });
});
