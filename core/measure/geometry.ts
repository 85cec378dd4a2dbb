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

/** A figure of its own for this capture: changing it never touches the capture. */
export function geometryOf(capture: Capture, { handAbove, section, hand }: GeometryFacts): Geometry {
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
export function moved(figure: Geometry, name?: PointName): void {
  const finger = name && FINGER_OF_POINT[name];
  if (finger) {
    figure.known.contacts[finger] = undefined;
  } else if (name === undefined || STICK_POINTS.includes(name)) {
    forgetAll(figure);
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
export function pointAt(figure: Geometry, name: PointName): Vec2 {
  const point = figure.points[name];
  if (!point) throw new InputError([{ code: 'notMarked', where: name }]);
  return point;
}

/** The stick's axis of the figure, with x, hair side and scale. */
export function axisOf(figure: Geometry): StickAxis {
  return (figure.known.axis ??= freshAxis(figure));
}

function freshAxis(figure: Geometry): StickAxis {
  const turn = hairTurn(figure.view, figure.side);
  if (turn === null) throw new InputError([{ code: 'notThisView', where: 'view' }]);
  return stickAxis(
    {
      stickHandEnd: pointAt(figure, 'stickHandEnd'),
      stickTipEnd: pointAt(figure, 'stickTipEnd'),
      frogFront: pointAt(figure, 'frogFront'),
      frogBack: pointAt(figure, 'frogBack'),
    },
    figure.frogLengthMm,
    turn,
  );
}

/** Where a finger meets the stick in this figure. */
export function contactOf(figure: Geometry, finger: Finger): Contact {
  return (figure.known.contacts[finger] ??= freshContact(figure, finger));
}

function freshContact(figure: Geometry, finger: Finger): Contact {
  const [mcp, pip, dip, tip] = FINGER_CHAIN[finger];
  return contactOnStick(
    axisOf(figure),
    [pointAt(figure, mcp), pointAt(figure, pip), pointAt(figure, dip), pointAt(figure, tip)],
    figure.handAbove,
  );
}

/** Signed flexion of a joint in this figure, degrees. */
export function flexionOf(
  figure: Geometry,
  group: JointGroup,
  proximal: PointName,
  joint: HandPointName,
  distal: HandPointName,
): number {
  const turn = flexionTurn(group, figure.view, figure.side);
  if (turn === null) throw new InputError([{ code: 'notThisView', where: 'view' }]);
  return flexion2d(
    pointAt(figure, proximal),
    pointAt(figure, joint),
    pointAt(figure, distal),
    turn,
  );
}
