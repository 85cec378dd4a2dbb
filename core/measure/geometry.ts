import { placeOnStick, stickAxis, type BowSection, type StickAxis, type StickPlace } from '../bow';
import {
  FINGER_CHAIN,
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

/** Points that every place along the stick depends on. */
export const STICK_POINTS: readonly PointName[] = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
];

const FINGER_OF_POINT: Partial<Record<PointName, Finger>> = Object.fromEntries(
  (Object.keys(FINGER_CHAIN) as Finger[]).flatMap((finger) =>
    FINGER_CHAIN[finger].map((name) => [name, finger]),
  ),
);

/**
 * What a measure is read from: a hand on a bow, flat in one picture or fitted in space. It never changes; what is asked twice is worked
 * out once.
 */
export interface Geometry {
  readonly middleFingerMm: number;
  /** Where a point of the hand lies: along the stick, and off its axis toward the hair, mm. */
  place(name: HandPointName): StickPlace;
  /** Where a finger meets the stick. */
  contact(finger: Finger): Contact;
  /** Signed flexion of a joint, degrees. */
  flexion(
    group: JointGroup,
    proximal: PointName,
    joint: HandPointName,
    distal: HandPointName,
  ): number;
}

type Points = Readonly<Partial<Record<PointName, Vec2>>>;

/** What is known of a flat picture besides its points and lengths. */
interface Flat {
  view: View;
  side: Side;
  handAbove: boolean;
  section: BowSection;
  relaxed: RelaxedHand | null;
}

/** What was already worked out of points that a change did not touch. */
interface Known {
  axis: StickAxis | undefined;
  contacts: Partial<Record<Finger, Contact>>;
}

/** A hand on a bow as one picture shows it flat. */
export class FlatGeometry implements Geometry {
  private knownAxis: StickAxis | undefined;
  private readonly knownContacts: Partial<Record<Finger, Contact>>;

  constructor(
    readonly flat: Flat,
    readonly points: Points,
    readonly frogLengthMm: number,
    readonly middleFingerMm: number,
    known?: Known,
  ) {
    this.knownAxis = known?.axis;
    this.knownContacts = known?.contacts ?? {};
  }

  /** The same with one point somewhere else. */
  withPoint(name: PointName, to: Vec2): FlatGeometry {
    const { flat, points, frogLengthMm, middleFingerMm } = this;
    const moved = { ...points, [name]: to };
    return new FlatGeometry(flat, moved, frogLengthMm, middleFingerMm, this.knownWithout(name));
  }

  /** The same with all points somewhere else, and other lengths, mm. */
  thrown(points: Points, frogLengthMm: number, middleFingerMm: number): FlatGeometry {
    return new FlatGeometry(this.flat, points, frogLengthMm, middleFingerMm);
  }

  /** The same with another length of the frog, mm: everything along the stick is of another scale. */
  withFrogLength(frogLengthMm: number): FlatGeometry {
    return new FlatGeometry(this.flat, this.points, frogLengthMm, this.middleFingerMm);
  }

  /** The same with another length of the middle finger, mm. */
  withMiddleFinger(middleFingerMm: number): FlatGeometry {
    const { flat, points, frogLengthMm } = this;
    return new FlatGeometry(flat, points, frogLengthMm, middleFingerMm, this.known());
  }

  /** A point that the measure has declared it needs, so it is there. */
  point(name: PointName): Vec2 {
    const point = this.points[name];
    if (!point) throw new InputError([{ code: 'notMarked', where: name }]);
    return point;
  }

  /** The stick's axis, with x, hair side and scale. */
  get axis(): StickAxis {
    return (this.knownAxis ??= this.freshAxis());
  }

  place(name: PointName): StickPlace {
    return placeOnStick(this.axis, this.point(name));
  }

  contact(finger: Finger): Contact {
    return (this.knownContacts[finger] ??= this.freshContact(finger));
  }

  flexion(
    group: JointGroup,
    proximal: PointName,
    joint: HandPointName,
    distal: HandPointName,
  ): number {
    const turn = flexionTurn(group, this.flat.view, this.flat.side);
    if (turn === null) throw new InputError([{ code: 'notThisView', where: 'view' }]);
    return flexion2d(this.point(proximal), this.point(joint), this.point(distal), turn);
  }

  private freshAxis(): StickAxis {
    const turn = hairTurn(this.flat.view, this.flat.side);
    if (turn === null) throw new InputError([{ code: 'notThisView', where: 'view' }]);
    return stickAxis(
      {
        stickHandEnd: this.point('stickHandEnd'),
        stickTipEnd: this.point('stickTipEnd'),
        frogFront: this.point('frogFront'),
        frogBack: this.point('frogBack'),
      },
      this.frogLengthMm,
      turn,
    );
  }

  private freshContact(finger: Finger): Contact {
    const [mcp, pip, dip, tip] = FINGER_CHAIN[finger];
    return contactOnStick(
      this.axis,
      [this.point(mcp), this.point(pip), this.point(dip), this.point(tip)],
      this.flat.handAbove,
    );
  }

  private known(): Known {
    return { axis: this.knownAxis, contacts: { ...this.knownContacts } };
  }

  private knownWithout(name: PointName): Known | undefined {
    if (STICK_POINTS.includes(name)) return undefined;
    const known = this.known();
    const finger = FINGER_OF_POINT[name];
    if (finger) delete known.contacts[finger];
    return known;
  }
}

/** The geometry of a capture. */
export function geometryOf(
  capture: Capture,
  { handAbove, section, hand }: GeometryFacts,
): FlatGeometry {
  const points: Partial<Record<PointName, Vec2>> = {};
  for (const name of POINT_NAMES) {
    const point = capture.points[name];
    if (point) points[name] = { x: point.x, y: point.y };
  }
  return new FlatGeometry(
    { view: capture.view, side: capture.side, handAbove, section, relaxed: hand.relaxed },
    points,
    capture.frogLength.mm,
    hand.middleFinger.mm,
  );
}
