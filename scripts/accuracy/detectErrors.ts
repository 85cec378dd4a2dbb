import { flexion2d, HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import {
  flexionTurn,
  measureCapture,
  type Capture,
  type JointGroup,
  type MeasureId,
} from '@open-palm/core/measure';
import type { DetectCase } from './detectCases';
import type { HandPlaces } from './person';

/** A joint that a flat picture can tell: the point before it, itself, the point after it. */
const JOINTS: readonly [string, JointGroup, HandPointName, HandPointName, HandPointName][] = [
  ['Thumb, last joint', 'thumb', 'thumbMcp', 'thumbIp', 'thumbTip'],
  ['Thumb, middle joint', 'thumb', 'thumbCmc', 'thumbMcp', 'thumbIp'],
  ['Index, middle joint', 'finger', 'indexMcp', 'indexPip', 'indexDip'],
  ['Middle finger, middle joint', 'finger', 'middleMcp', 'middlePip', 'middleDip'],
  ['Ring finger, middle joint', 'finger', 'ringMcp', 'ringPip', 'ringDip'],
  ['Little finger, middle joint', 'finger', 'littleMcp', 'littlePip', 'littleDip'],
];

const DEPTHS: readonly [string, MeasureId][] = [
  ['Index, depth', 'indexDepth'],
  ['Middle finger, depth', 'middleDepth'],
  ['Ring finger, depth', 'ringDepth'],
];

export interface JointError {
  joint: string;
  /** Against the true bend of the joint in space, degrees; null where a point is missing. */
  deg: number | null;
}

/** How far the bends that a flat picture tells are off, for the joints that its view shows. */
export function jointErrors(
  { truth }: Pick<DetectCase, 'truth'>,
  places: Partial<HandPlaces>,
): JointError[] {
  return JOINTS.flatMap(([joint, group, a, b, c]) => {
    const turn = flexionTurn(group, truth.view, truth.side);
    const real = truth.trueFlexionDeg[b];
    if (turn === null || real === undefined) return [];
    const [p, q, r] = [places[a], places[b], places[c]];
    return [{ joint, deg: p && q && r ? flexion2d(p, q, r, turn) - real : null }];
  });
}

/** How far depths are off, in joints, against those of exact marks on the same picture. */
export function depthErrors(
  { truth, places: exact }: Pick<DetectCase, 'truth' | 'places'>,
  places: Partial<HandPlaces>,
): { joint: string; deg: number | null }[] {
  if (truth.view !== 'finger-side') return [];
  const real = depthsOf(truth, exact);
  const told = depthsOf(truth, places);
  return DEPTHS.flatMap(([joint, id]) => {
    const [a, b] = [real.get(id), told.get(id)];
    if (a === undefined) return [];
    return [{ joint, deg: b === undefined ? null : b - a }];
  });
}

function depthsOf(truth: DetectCase['truth'], places: Partial<HandPlaces>): Map<MeasureId, number> {
  const points: Capture['points'] = {};
  for (const name of HAND_POINTS) {
    const place = places[name];
    if (place) points[name] = { ...place, sigma: 1 };
  }
  for (const name of ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack'] as const) {
    const [x, y] = truth.points2d[name];
    points[name] = { x, y, sigma: 1 };
  }
  const { view, side, image, frogLengthMm } = truth;
  const capture: Capture = {
    view,
    side,
    image,
    points,
    frogLength: { mm: frogLengthMm, sdMm: 0.5 },
  };
  return new Map(
    measureCapture(capture, holdById('violin-shallow')).measures.flatMap((measure) =>
      measure.kind === 'number' ? [[measure.id, measure.value] as const] : [],
    ),
  );
}
