import { DEG_PER_RAD, type Vec2 } from '../units';
import { applyHomography, fitHomography, type Homography } from './homography';
import { BAR_MM, RULER_ORDER, RULER_POINTS, RULER_TRUTH, type RulerPoint } from './rulerPage';

/** What was told of one printed figure, and what is true. */
export interface RulerReading {
  name: string;
  bendDeg: number;
  toldDeg: number;
  lengthMm: number;
  toldMm: number;
}

/** How well a camera and a finger measure, from one picture of the page. */
export interface RulerErrors {
  readings: readonly RulerReading[];
  /** Root of the mean square error of the five bends. */
  bendRmsDeg: number;
  /** The same of the five lengths, as a share of each. */
  lengthRmsShare: number;
  /** How a touch scatters about the printed crosses in each direction, px of the picture, the lens's own curvature in it. */
  touchPx: number;
  /** How far the camera stood from right above the page, as the page is foreshortened in its middle. */
  tiltDeg: number;
  /** Whether a page seen from right above, touched like this, would look so tilted in one case of twenty at most. */
  isTiltClear: boolean;
}

export type RulerMarks = Readonly<Record<RulerPoint, Vec2>>;

/** Two numbers are known of each cross, and eight tell how the page lies. */
const DEGREES_OF_FREEDOM = 2 * RULER_ORDER.length - 8;

/**
 * Compares what the app tells of the printed page with what is printed: bends straight from the picture and lengths by the bar, as of a hand
 * whose scale is the frog. The scatter of touches is what is left when the page is laid into the picture as well as it can be.
 *
 * @param marks every cross as it was touched, px
 * @returns null where the crosses lie so that they are no picture of the page
 */
export function rulerErrors(marks: RulerMarks): RulerErrors | null {
  const pxPerMm = distance(marks.bar1, marks.bar2) / BAR_MM;
  const h = pageIn(marks);
  if (!h || !(pxPerMm > 0)) return null;
  const readings = RULER_TRUTH.map(({ name, bendDeg, lengthMm }) => {
    const [first, middle, last] = [marks[`${name}1`], marks[`${name}2`], marks[`${name}3`]];
    return {
      name,
      bendDeg,
      toldDeg: bendOf(first, middle, last),
      lengthMm,
      toldMm: distance(first, middle) / pxPerMm,
    };
  });
  const left = RULER_ORDER.map((name) =>
    distance(applyHomography(h, RULER_POINTS[name]), marks[name]),
  );
  const touchPx = Math.sqrt(left.reduce((sum, px) => sum + px * px, 0) / DEGREES_OF_FREEDOM);
  const seen = squeezeOf(h);
  const errors = {
    readings,
    bendRmsDeg: rms(readings.map(({ bendDeg, toldDeg }) => toldDeg - bendDeg)),
    lengthRmsShare: rms(readings.map(({ lengthMm, toldMm }) => toldMm / lengthMm - 1)),
    touchPx,
    tiltDeg: 2 * Math.atan(Math.sqrt(Math.hypot(...seen))) * DEG_PER_RAD,
    isTiltClear: Math.hypot(...seen) > ONE_IN_TWENTY * squeezeSd(marks, seen, touchPx),
  };
  // Crosses in another order, or of another picture, are far from any page: a touch is no tenth of it wide.
  return errors.touchPx < MOST_TOUCH_MM * pxPerMm ? errors : null;
}

/** A touch further from its cross than this on average was meant for another one, mm of the page. [memory] */
const MOST_TOUCH_MM = 8;

const pageIn = (marks: RulerMarks): Homography | null =>
  fitHomography(RULER_ORDER.map((name) => [RULER_POINTS[name], marks[name]] as const));

const distance = (a: Vec2, b: Vec2): number => Math.hypot(a.x - b.x, a.y - b.y);

/** 0 where the second bone goes on straight. */
function bendOf(first: Vec2, middle: Vec2, last: Vec2): number {
  const [ax, ay] = [middle.x - first.x, middle.y - first.y];
  const [bx, by] = [last.x - middle.x, last.y - middle.y];
  return Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)) * DEG_PER_RAD;
}

const rms = (values: readonly number[]): number =>
  Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / values.length);

type Squeeze = readonly [number, number];

/**
 * How the page is foreshortened where its middle is: a circle there becomes an ellipse whose axes are as 1 to the cosine of the tilt. As two
 * numbers that are nought from right above and scatter evenly with the touches; the square of the tangent of half the tilt is their length.
 */
function squeezeOf(h: Homography): Squeeze {
  const middle = { x: 85, y: 107 };
  const at = applyHomography(h, middle);
  const right = applyHomography(h, { ...middle, x: middle.x + 1 });
  const down = applyHomography(h, { ...middle, y: middle.y + 1 });
  const [a, b] = [right.x - at.x, down.x - at.x];
  const [c, d] = [right.y - at.y, down.y - at.y];
  const whole = Math.hypot(a + d, b - c);
  return [(a - d) / whole, (b + c) / whole];
}

/** The length that two numbers of scatter one exceed in one case of twenty (Rayleigh). */
const ONE_IN_TWENTY = Math.sqrt(-2 * Math.log(0.05));

/** How the squeeze scatters with touches that scatter so, in its worse direction of the two: each touch moved by that much, one after another. */
function squeezeSd(marks: RulerMarks, seen: Squeeze, touchPx: number): number {
  if (touchPx === 0) return 0;
  const sum = [0, 0];
  for (const name of RULER_ORDER) {
    for (const axis of ['x', 'y'] as const) {
      const moved = { ...marks, [name]: { ...marks[name], [axis]: marks[name][axis] + touchPx } };
      const h = pageIn(moved);
      if (!h) return Infinity;
      squeezeOf(h).forEach((value, i) => (sum[i]! += (value - seen[i]!) ** 2));
    }
  }
  return Math.sqrt(Math.max(...sum));
}
