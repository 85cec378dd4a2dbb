import { BOW_BODIES, type BowBodyKind } from '../bow/bowBody';
import type { DrawnHold } from '../pose/drawnHold';
import type { HandBuild } from '../pose/handBuild';
import { NOTHING_MEASURED } from '../pose/measuredGrip';
import { HandPoser, poseValues, type HandPose } from '../pose/posedHand';
import { poseOfPoints, type Points } from '../pose/poseOfPoints';
import { solvePose } from '../pose/solvePose';
import { handSurface, mirroredSurface } from './handSurface';
import { DETAILS, drawPortrait, type Portrait } from './portrait';
import type { Station } from './sight';

/** A hand that was fitted to pictures, to be drawn from anywhere. */
export interface FittedOrder {
  pointsMm: Points;
  bow: BowBodyKind;
  station: Station;
  detail: keyof typeof DETAILS;
}

/** Nothing of a fitted hand tells of the forearm. */
const STRAIGHT = { flexionDeg: 0, deviationDeg: 0 };

/** The fitted hand on its bow, from where it is looked at. */
export function drawFitted({ pointsMm, bow, station, detail }: FittedOrder): Portrait {
  const { pose, build } = poseOfPoints(pointsMm);
  const held = { bow: BOW_BODIES[bow], thing: 'bow', upMm: 0 } as const;
  return drawPortrait(
    { pose, build, wristBend: STRAIGHT, held },
    { station, detail: DETAILS[detail] },
  );
}

/** A hand's skin in space, for an engine that turns it: x, y, z of each place, mm, and three places a triangle. */
export interface HandMesh {
  places: Float32Array;
  triangles: Uint32Array;
}

/** The skin of a fitted hand; a left hand as it is held. */
export function fittedMesh(pointsMm: Points, side: 'right' | 'left'): HandMesh {
  const { pose, build } = poseOfPoints(pointsMm);
  return meshOf(pose, build, side);
}

/** The skin of the hand that a hold wants, as large as the hand of the points. */
export function wantedMesh(hold: DrawnHold, pointsMm: Points, side: 'right' | 'left'): HandMesh {
  const { build } = poseOfPoints(pointsMm);
  return meshOf(solvePose(hold, NOTHING_MEASURED, build).pose, build, side);
}

function meshOf(pose: HandPose, build: HandBuild, side: 'right' | 'left'): HandMesh {
  const hand = new HandPoser(build).pose(poseValues(pose));
  const surface = handSurface(hand, build.size, STRAIGHT, [0, 0, 1]);
  const { places, triangles } = side === 'left' ? mirroredSurface(surface) : surface;
  return { places: Float32Array.from(places), triangles: Uint32Array.from(triangles) };
}
