import { stickAxis, type BowSection, type StickAxis } from '../bow';
import {
  FINGER_CHAIN,
  FINGERS,
  flexion2d,
  type Finger,
  type HandFacts,
  type HandPointName,
  type RelaxedHand,
} from '../hand';
import { InputError } from '../issue';
import type { Vec2 } from '../units';
import { POINT_NAMES, type Capture, type PointName } from './capture';
import { contactOnStick, type Contact } from './contactDepth';
import { flexionTurn, hairTurn, type JointGroup, type Side, type View } from './view';

/** What is known of the hold and the hand whatever the picture shows. */
export interface GeometryFacts {
  /** True for an over-hand hold, whose hand is away from the hair. */
  handAbove: boolean;
  section: BowSection;
  hand: HandFacts;
}

/** What a measure computes from: a capture's plain numbers, free to be nudged for the uncertainty. */
export interface Geometry {
  view: View;
  side: Side;
  handAbove: boolean;
  section: BowSection;
  relaxed: RelaxedHand | null;
  frogLengthMm: number;
  middleFingerMm: number;
  points: Record<PointName, Vec2 | undefined>;
  /** What was already worked out from the points as they are; `moved` forgets what a change touches. */
  known: { axis: StickAxis | undefined; contacts: Record<Finger, Contact | undefined> };
}

/** A geometry of its own for this capture: changing it never touches the capture. */
export function geometryOf(
  capture: Capture,
  { handAbove, section, hand }: GeometryFacts,
): Geometry {
  const points = {} as Geometry['points'];
  for (const name of POINT_NAMES) {
    const point = capture.points[name];
    points[name] = point && { x: point.x, y: point.y };
  }
  return {
    view: capture.view,
    side: capture.side,
    handAbove,
    section,
    relaxed: hand.relaxed,
    frogLengthMm: capture.frogLength.mm,
    middleFingerMm: hand.middleFinger.mm,
    points,
    known: {
      axis: undefined,
      contacts: { index: undefined, middle: undefined, ring: undefined, little: undefined },
    },
  };
}

/** To be called after a point (or, without a name, the frog's length) was changed. */
export function moved(geometry: Geometry, name?: PointName): void {
  const finger = name && FINGER_OF_POINT[name];
  if (finger) {
    geometry.known.contacts[finger] = undefined;
  } else if (name === undefined || STICK_POINTS.includes(name)) {
    forgetAll(geometry);
  }
}

function forgetAll({ known }: Geometry): void {
  known.axis = undefined;
  for (const finger of FINGERS) known.contacts[finger] = undefined;
}

/** Points that every place along the stick depends on. */
export const STICK_POINTS: readonly PointName[] = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
];

const FINGER_OF_POINT: Partial<Record<PointName, Finger>> = Object.fromEntries(
  FINGERS.flatMap((finger) => FINGER_CHAIN[finger].map((name) => [name, finger])),
);

/** A point that the measure has declared it needs, so it is there. */
export function pointAt(geometry: Geometry, name: PointName): Vec2 {
  const point = geometry.points[name];
  if (!point) throw new InputError([{ code: 'notMarked', where: name }]);
  return point;
}

/** The stick's axis of the geometry, with x, hair side and scale. */
export function axisOf(geometry: Geometry): StickAxis {
  return (geometry.known.axis ??= freshAxis(geometry));
}

function freshAxis(geometry: Geometry): StickAxis {
  const turn = hairTurn(geometry.view, geometry.side);
  if (turn === null) throw new InputError([{ code: 'notThisView', where: 'view' }]);
  return stickAxis(
    {
      stickHandEnd: pointAt(geometry, 'stickHandEnd'),
      stickTipEnd: pointAt(geometry, 'stickTipEnd'),
      frogFront: pointAt(geometry, 'frogFront'),
      frogBack: pointAt(geometry, 'frogBack'),
    },
    geometry.frogLengthMm,
    turn,
  );
}

/** Where a finger meets the stick in this geometry. */
export function contactOf(geometry: Geometry, finger: Finger): Contact {
  return (geometry.known.contacts[finger] ??= freshContact(geometry, finger));
}

function freshContact(geometry: Geometry, finger: Finger): Contact {
  const [mcp, pip, dip, tip] = FINGER_CHAIN[finger];
  return contactOnStick(
    axisOf(geometry),
    [
      pointAt(geometry, mcp),
      pointAt(geometry, pip),
      pointAt(geometry, dip),
      pointAt(geometry, tip),
    ],
    geometry.handAbove,
  );
}

/** Signed flexion of a joint in this geometry, degrees. */
export function flexionOf(
  geometry: Geometry,
  group: JointGroup,
  proximal: PointName,
  joint: HandPointName,
  distal: HandPointName,
): number {
  const turn = flexionTurn(group, geometry.view, geometry.side);
  if (turn === null) throw new InputError([{ code: 'notThisView', where: 'view' }]);
  return flexion2d(
    pointAt(geometry, proximal),
    pointAt(geometry, joint),
    pointAt(geometry, distal),
    turn,
  );
}
