import { FINGERS, HAND_POINTS, type HandPointName } from '../hand';
import { approachOfFinger } from '../hand/approachOfFinger';
import { bowOf } from '../pose/bowOf';
import type { DrawnHold } from '../pose/drawnHold';
import type { HandBuild } from '../pose/handBuild';
import { solvedFrom, type KeptPose } from '../pose/keptPose';
import { NOTHING_MEASURED, type MeasuredGrip } from '../pose/measuredGrip';
import { HandPoser, poseValues } from '../pose/posedHand';
import type { Digit } from '../pose/digits';
import { isFarOff, solvePose, type PoseResidual, type SolvedPose } from '../pose/solvePose';
import { DETAILS, drawOutline, drawPortrait, type Portrait } from './portrait';
import type { Held } from './bowDrawing';
import { CLOSE_PER_MM, project, sightFrom, type Station } from './sight';
import { stationOf, type PortraitView } from './views';

/** What is to be drawn of a grip; plain data, so that it can be handed to a worker and be a key. */
export interface GripOrder {
  hold: DrawnHold;
  grip: MeasuredGrip;
  build: HandBuild;
  /** From where it is looked at: a usual side, or a place of one's own. */
  view: PortraitView | Station;
  /** What is held; nothing for a bare hand. */
  held: Held['thing'] | null;
  /** How far up the stick the hand has gone, mm. */
  upMm: number;
  detail: keyof typeof DETAILS;
  /** Digits that nobody has seen. */
  unseen: readonly Digit[];
  /** Another hand laid over it in lines: where the hold wants it, or how it was measured another time. */
  beside: 'target' | MeasuredGrip | null;
  /** Drawn as the student's other hand, which holds the bow for a moment. */
  isOther?: boolean;
  /** Of the hand beside it only these digits: the part that is in question. */
  besideOnly?: readonly Digit[];
  /** A joint that is asked about. */
  ring?: HandPointName;
  /** The hand as it was solved before; without it the grip is solved. */
  pose?: KeptPose;
}

/** Joints at which a drawing can be touched. */
export const SHOWN_JOINTS = [
  'wrist',
  'middleMcp',
  'indexPip',
  'middlePip',
  'ringPip',
] as const satisfies readonly HandPointName[];
export type ShownJoint = (typeof SHOWN_JOINTS)[number];

/** A drawn grip. */
export interface GripDrawing extends Portrait {
  /** Where these joints are, whether or not something lies before them. */
  joints: Record<ShownJoint, { x: number; y: number }>;
  /** Where the joint is that is asked about. */
  ring: { x: number; y: number } | null;
  beside: { outline: string; ink: string } | null;
  /** Measured things that cannot be had together and are drawn so far off that it has to be told, with what was drawn instead. */
  fighting: PoseResidual[];
}

/** From how many times of what a measure may be missed on it is told: less lies within the doubt of most. [memory] */
const TOLD_FROM = 3;

/** Where a thumb's mark is drawn on it, joint units from its tip. */
const THUMB_MARK_U = 0.3;

/** Where a point of the hand shows, tenths of a millimetre. */
function placeOf(points: Float64Array, name: HandPointName, station: Station) {
  const at = 3 * HAND_POINTS.indexOf(name);
  const [x, y] = project(sightFrom(station), points.slice(at, at + 3));
  return { x: Math.round(x! * CLOSE_PER_MM), y: Math.round(y! * CLOSE_PER_MM) };
}

/** Poses and draws; remembers the newest poses, so that a hand that is turned over is not posed anew. */
export class GripDrawer {
  readonly #poses = new Map<string, SolvedPose>();

  constructor(readonly remembered = 24) {}

  draw({
    hold,
    grip,
    build,
    view,
    held,
    upMm,
    detail,
    unseen,
    beside,
    besideOnly,
    ring,
    pose,
    isOther = false,
  }: GripOrder): GripDrawing {
    const solved = pose ? solvedFrom(pose) : this.#solved(hold, grip, build);
    const { points } = new HandPoser(build).pose(poseValues(solved.pose));
    const depths = Object.fromEntries(
      FINGERS.map((finger) => [
        finger,
        approachOfFinger(points, finger, grip.contacts.fingers[finger]?.u).u,
      ]),
    ) as Record<Digit, number>;
    depths.thumb = THUMB_MARK_U;
    const station = typeof view === 'string' ? stationOf(view, hold.hand) : view;
    const posed = {
      ...solved,
      build,
      held: held && { bow: bowOf(hold), thing: held, upMm },
      isOther,
    };
    const other =
      beside && this.#solved(hold, beside === 'target' ? NOTHING_MEASURED : beside, build);
    return {
      ...drawPortrait(posed, { station, detail: DETAILS[detail], unseen, depths }),
      joints: Object.fromEntries(
        SHOWN_JOINTS.map((joint) => [joint, placeOf(points, joint, station)]),
      ) as GripDrawing['joints'],
      ring: ring ? placeOf(points, ring, station) : null,
      beside: other && drawOutline({ ...other, build }, station, DETAILS[detail], besideOnly),
      fighting: solved.residuals.filter(
        (one) => solved.fighting.includes(one.id) && isFarOff(one, TOLD_FROM),
      ),
    };
  }

  #solved(hold: DrawnHold, grip: MeasuredGrip, build: HandBuild): SolvedPose {
    const key = JSON.stringify([hold, grip, build]);
    const known = this.#poses.get(key);
    if (known) return known;
    const solved = solvePose(hold, grip, build);
    this.#poses.set(key, solved);
    if (this.#poses.size > this.remembered) this.#poses.delete(this.#poses.keys().next().value!);
    return solved;
  }
}
