import { placeOnStick } from '../bow';
import {
  BONES,
  FINGER_CHAIN,
  FINGERS,
  HAND_POINTS,
  UNKNOWN_HAND,
  type HandPointName,
} from '../hand';
import type { Hold } from '../holds';
import type { Issue } from '../issue';
import type { Capture, PointName } from './capture';
import { geometryOf } from './geometry';
import { geometryFacts } from './measureCapture';
import { hairTurn } from './view';

/**
 * Everything about a capture that makes it unfit to be measured: points outside the picture or on top of their
 * neighbour, a stick or frog without length, a frog that cannot be.
 *
 * @returns an empty list when the capture can be measured
 */
export function findCaptureIssues(capture: Capture): Issue[] {
  const issues: Issue[] = [];
  const { width, height } = capture.image;
  for (const [name, point] of Object.entries(capture.points)) {
    const where = pathOf(name as PointName);
    if (![point.x, point.y, point.sigma].every(Number.isFinite)) {
      issues.push({ code: 'notANumber', where });
    } else if (point.x < 0 || point.y < 0 || point.x > width || point.y > height) {
      issues.push({
        code: 'pointOutsidePicture',
        where,
        params: { x: Math.round(point.x), y: Math.round(point.y), width, height },
      });
    }
  }
  for (const [a, b] of [...BONES, ...FURTHER_LINES]) {
    if (coincide(capture, a, b)) {
      issues.push({ code: 'coincidentPoints', where: pathOf(b), params: { other: pathOf(a) } });
    }
  }
  if (coincide(capture, 'stickHandEnd', 'stickTipEnd')) {
    issues.push({ code: 'zeroLengthStick', where: pathOf('stickTipEnd') });
  }
  if (coincide(capture, 'frogFront', 'frogBack')) {
    issues.push({ code: 'zeroLengthFrog', where: pathOf('frogBack') });
  }
  if (frogIsBackward(capture)) issues.push({ code: 'frogBackAhead', where: pathOf('frogBack') });
  if (!(capture.frogLength.mm > 0)) {
    issues.push({
      code: 'nonPositiveFrogLength',
      where: 'frogLengthMm',
      params: { value: capture.frogLength.mm },
    });
  }
  return issues;
}

/** Lines beside the hand's bones that need an extent. */
const FURTHER_LINES: readonly (readonly [PointName, PointName])[] = [
  ['stringUpper', 'stringLower'],
  ['wrist', 'forearm'],
  ['shoulder', 'elbow'],
  ['elbow', 'wrist'],
];

/**
 * Whether the picture contradicts its view and hand: in an over-hand hold the knuckles lie away from the hair, so
 * knuckles on the hair's side mean a mirrored picture, the other hand, another view, or swapped stick ends.
 *
 * @param capture free of issues
 */
export function looksMirrored(capture: Capture, hold: Hold): boolean {
  if (hairTurn(capture.view, capture.side) === null) return false;
  const needed: PointName[] = ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack'];
  if (needed.some((name) => !capture.points[name])) return false;
  const { axis } = geometryOf(capture, geometryFacts(hold, UNKNOWN_HAND));
  const knuckles = FINGERS.flatMap((finger) => capture.points[FINGER_CHAIN[finger][0]] ?? []);
  if (knuckles.length === 0) return false;
  const sum = knuckles.reduce((total, point) => total + placeOnStick(axis, point).dMm, 0);
  return hold.hand === 'over' ? sum > 0 : sum < 0;
}

/** The place of a point in a file: `hand[4]`, `bow.frogFront`, `string.upper`, `elbow`. */
export function pathOf(name: PointName): string {
  const index = HAND_POINTS.indexOf(name as HandPointName);
  if (index >= 0) return `hand[${index}]`;
  if (name === 'forearm' || name === 'elbow' || name === 'shoulder') return name;
  if (name === 'stringUpper') return 'string.upper';
  if (name === 'stringLower') return 'string.lower';
  return `bow.${name}`;
}

/** Whether the frog's back lies nearer to the bow's tip than its front: two marks were swapped. */
function frogIsBackward({ view, side, points }: Capture): boolean {
  const { stickHandEnd: hand, stickTipEnd: tip, frogFront: front, frogBack: back } = points;
  if (hairTurn(view, side) === null || !hand || !tip || !front || !back) return false;
  return (front.x - back.x) * (tip.x - hand.x) + (front.y - back.y) * (tip.y - hand.y) < 0;
}

function coincide(capture: Capture, a: PointName, b: PointName): boolean {
  const p = capture.points[a];
  const q = capture.points[b];
  return p !== undefined && q !== undefined && p.x === q.x && p.y === q.y;
}
