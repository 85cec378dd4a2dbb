import { Vector3 } from 'three';
import type { BowPointName } from '@open-palm/core/bow';
import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import type { PointName, Side, View } from '@open-palm/core/measure';
import { bowMarks, BOWS } from './bowModel';
import { cameraFor, PICTURE_SIZE, project, tiltDeg } from './cameras';
import type { RenderedGrip } from './grips';
import type { WristBend } from './gripTarget';
import { poseHand, type HandPose, type PosedHand } from './handPose';

/** What is known of a rendered picture: every place and angle before the camera flattened it. */
export interface PictureTruth {
  view: View;
  side: Side;
  image: { width: number; height: number };
  frogLengthMm: number;
  /** In the bow's frame, mm. */
  joints3dMm: Partial<Record<PointName, [number, number, number]>>;
  /** Pixels, y down. */
  points2d: Record<PointName, [number, number]>;
  /** Signed about each joint's own hinge, degrees. */
  trueFlexionDeg: Partial<Record<HandPointName, number>>;
  /** How far the bone that ends at a point leaves the picture plane, degrees. */
  tiltDeg: Partial<Record<HandPointName, number>>;
}

/** The truth of a picture that was drawn. */
export interface RenderedTruth extends PictureTruth {
  /** Points of the hand that lie behind something else than their own flesh. */
  hidden: HandPointName[];
}

/** Length of the rendered forearm, mm. */
export const FOREARM_MM = 210;

/** Where a mark on the forearm's midline lies, for a wrist bent like this. */
export function forearmMark(
  { points: { wrist, middleMcp } }: PosedHand,
  wristBend: WristBend,
): Vector3 {
  // Flexion turns the hand down about +x, radial deviation turns it toward the bow's tip about +y.
  const forearm = middleMcp
    .clone()
    .sub(wrist)
    .normalize()
    .applyAxisAngle(new Vector3(1, 0, 0), -wristBend.flexionDeg * RAD)
    .applyAxisAngle(new Vector3(0, 1, 0), -wristBend.deviationDeg * RAD);
  return forearm.multiplyScalar(-FOREARM_MM * 0.7).add(wrist);
}

const RAD = Math.PI / 180;

/** Everything that is true of one picture. A left hand is the right hand's scene mirrored across the stick. */
export function truthOf(
  { target, wristBend }: Pick<RenderedGrip, 'target' | 'wristBend'>,
  pose: HandPose,
  view: View,
  side: Side,
  camera = cameraFor(view, side === 'left'),
): PictureTruth {
  const hand = poseHand(pose, target.build);
  const bow = BOWS[target.bow];
  const mirrored = side === 'left';
  const inScene = (p: Vector3) => (mirrored ? new Vector3(-p.x, p.y, p.z) : p.clone());
  const places: Partial<Record<PointName, Vector3>> = {};
  for (const name of HAND_POINTS) places[name] = inScene(hand.points[name]);
  for (const [name, at] of Object.entries(bowMarks(bow))) {
    places[name as BowPointName] = inScene(new Vector3(...at));
  }
  places.forearm = inScene(forearmMark(hand, wristBend));
  const joints3dMm: PictureTruth['joints3dMm'] = {};
  const points2d = {} as PictureTruth['points2d'];
  for (const [name, place] of Object.entries(places) as [PointName, Vector3][]) {
    joints3dMm[name] = [round(place.x), round(place.y), round(place.z)];
    const { x, y } = project(camera, place);
    points2d[name] = [round(x), round(y)];
  }
  const tilts: PictureTruth['tiltDeg'] = {};
  HAND_POINTS.forEach((name, i) => {
    const parent = i % 4 === 1 ? 'wrist' : HAND_POINTS[i - 1];
    if (parent) tilts[name] = round(tiltDeg(camera, places[parent]!, places[name]!));
  });
  const trueFlexionDeg: PictureTruth['trueFlexionDeg'] = { wrist: wristBend.flexionDeg };
  for (const [name, deg] of Object.entries(hand.flexionDeg)) {
    trueFlexionDeg[name as HandPointName] = round(deg);
  }
  return {
    view,
    side,
    image: PICTURE_SIZE,
    frogLengthMm: bow.frogLengthMm,
    joints3dMm,
    points2d,
    trueFlexionDeg,
    tiltDeg: tilts,
  };
}

const round = (value: number) => Math.round(value * 100) / 100;
