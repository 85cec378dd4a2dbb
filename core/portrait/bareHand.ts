import { HAND_POINTS, type HandPointName } from '../hand';
import type { Digit } from '../pose/digits';
import type { HandBuild } from '../pose/handBuild';
import { HandPoser, poseValues, type HandPose, type WristBend } from '../pose/posedHand';
import { DETAILS, drawOutline, drawPortrait, type PortraitPaths, pathsOf } from './portrait';
import { CLOSE_PER_MM, project, sightFrom, type Station } from './sight';

/** A hand that holds nothing, to be drawn; plain data, so that it can be handed to a worker and be a key. */
export interface BareOrder {
  pose: HandPose;
  build: HandBuild;
  wristBend: WristBend;
  station: Station;
  detail: keyof typeof DETAILS;
  /** The same hand bent otherwise at the wrist, laid over it in lines. */
  beside: WristBend | null;
  /** Digits that are drawn paler, because it is not about them. */
  paler?: readonly Digit[];
}

/** A drawn hand that holds nothing. */
export interface BareDrawing extends PortraitPaths {
  /** Where each point of the hand shows, in the drawing's units. */
  points: Record<HandPointName, { x: number; y: number }>;
  beside: { outline: string; ink: string } | null;
}

/** Draws a hand that holds nothing. */
export function drawBare({
  pose,
  build,
  wristBend,
  station,
  detail,
  beside,
  paler = [],
}: BareOrder): BareDrawing {
  const grip = { pose, build, wristBend, held: null };
  const { points } = new HandPoser(build).pose(poseValues(pose));
  const seen = project(sightFrom(station), points);
  return {
    ...pathsOf(drawPortrait(grip, { station, detail: DETAILS[detail], unseen: paler })),
    points: Object.fromEntries(
      HAND_POINTS.map((name, i) => [
        name,
        {
          x: Math.round(seen[3 * i]! * CLOSE_PER_MM),
          y: Math.round(seen[3 * i + 1]! * CLOSE_PER_MM),
        },
      ]),
    ) as BareDrawing['points'],
    beside: beside && drawOutline({ ...grip, wristBend: beside }, station, DETAILS[detail]),
  };
}
