import type { Finger, HandPointName } from '../hand';
import type { MeasureId } from '../measure';
import { BUILDS } from '../pose/handBuild';
import type { BareOrder } from './bareHand';
import type { Station } from './sight';

type Pose = BareOrder['pose'];
type Bends = Pose['fingers'][Finger];

/** A hand that holds nothing, bent as an answer says, and the joint in question. */
export interface BareDetail {
  order: BareOrder;
  ring: HandPointName;
}

const STRAIGHT_WRIST = { flexionDeg: 0, deviationDeg: 0 };

const station = (
  toward: Station['toward'],
  at: Station['at'],
  widthMm: number,
  aspect = 1.3,
): Station => ({ toward, at, widthMm, heightMm: widthMm / aspect });

/** Fingers and thumb as they are in a hand that does nothing. [memory] */
const LOOSE: Record<Finger, Bends> = {
  index: [20, -3, 20, 10],
  middle: [20, 0, 20, 10],
  ring: [20, 3, 20, 10],
  little: [20, 8, 20, 10],
};
/** Out of the way of the finger that is shown. */
const ASIDE: Record<Finger, Bends> = {
  index: [-8, -6, 6, 4],
  middle: [-8, -2, 6, 4],
  ring: [-8, 6, 6, 4],
  little: [-8, 10, 8, 4],
};

const palmDown = (fingers: Pose['fingers']): Pose => ({
  wrist: [0, 0, 0],
  turnDeg: [0, 0, 0],
  thumb: [6, 8, 0, 14, 16],
  fingers,
});

const order = (pose: Pose, from: Station, wristBend = STRAIGHT_WRIST): BareOrder => ({
  pose,
  build: BUILDS.grown,
  wristBend,
  station: from,
  detail: 'choice',
  beside: null,
});

/** At what bend of its knuckle a finger is shown whose middle joint is asked about, and how far its last joint goes with that one. [memory] */
const KNUCKLE_DEG = 38;
const LAST_FOLLOWS = 0.45;

function oneFinger(finger: Finger, deg: number): BareDetail {
  const bent: Bends = [KNUCKLE_DEG, 0, deg, Math.max(0, deg) * LAST_FOLLOWS];
  // From the side on which the finger is not behind another.
  const side = finger === 'index' || finger === 'middle' ? 1 : -1;
  return {
    order: order(
      palmDown({ ...ASIDE, [finger]: bent }),
      station([0.95 * side, -0.28, 0.1], [0, -18, 105], 170),
    ),
    ring: `${finger}Pip`,
  };
}

function knuckles(deg: number): BareDetail {
  const bent = (side: number): Bends => [deg, side, 20, 10];
  const fingers = { index: bent(-3), middle: bent(0), ring: bent(3), little: bent(8) };
  return {
    order: order(palmDown(fingers), station([-1, 0.2, 0.1], [0, -14, 70], 210)),
    ring: 'littleMcp',
  };
}

const WRIST_SIDE = station([-1, 0.1, 0], [0, 0, 10], 260);

function wrist(flexionDeg: number, besideDeg?: number): BareDetail {
  const bend = { flexionDeg, deviationDeg: 0 };
  const beside = besideDeg === undefined ? null : { flexionDeg: besideDeg, deviationDeg: 0 };
  return { order: { ...order(palmDown(LOOSE), WRIST_SIDE, bend), beside }, ring: 'wrist' };
}

/** The bare hand that shows an answer; null for what it does not show. */
export function bareDetail(measure: MeasureId, answer: number | string): BareDetail | null {
  if (typeof answer !== 'number') return null;
  switch (measure) {
    case 'indexPipFlexion':
      return oneFinger('index', answer);
    case 'middlePipFlexion':
      return oneFinger('middle', answer);
    case 'ringPipFlexion':
      return oneFinger('ring', answer);
    case 'knuckleHeight':
      return knuckles(answer);
    case 'wristFlexion':
      return wrist(answer);
    case 'wristRange':
      return wrist(-answer / 2, answer / 2);
    case 'wristDeviation':
      return {
        order: order(palmDown(ASIDE), station([0, 1, -0.1], [0, 0, 30], 260), {
          flexionDeg: 0,
          deviationDeg: answer,
        }),
        ring: 'wrist',
      };
    default:
      return null;
  }
}

/** The hand that hangs from a loose arm: fingers down, a little curled, the back to who looks. [memory] */
export const HANGING: BareOrder = {
  ...order(
    {
      wrist: [-6, 84, 0],
      turnDeg: [90, 0, 0],
      thumb: [6, 8, 0, 14, 16],
      fingers: {
        index: [14, -3, 20, 10],
        middle: [18, 0, 24, 12],
        ring: [22, 3, 26, 13],
        little: [24, 6, 28, 14],
      },
    },
    station([0.5, 0.12, 1], [0, 6, 0], 190, 190 / 149.5),
  ),
  detail: 'portrait',
};

/** A round hand, as if a ball lay in it. [memory] */
const ROUND: Record<Finger, Bends> = {
  index: [26, -3, 46, 22],
  middle: [28, 0, 48, 22],
  ring: [28, 3, 48, 22],
  little: [26, 8, 46, 22],
};
export const CUPPED: BareOrder = order(
  { ...palmDown(ROUND), thumb: [30, 26, 0, 10, 24] },
  station([-1, 0.1, 0.1], [0, -18, 92], 180),
);

/** Straight fingers, a little apart. [memory] */
const OPEN: Pose = {
  ...palmDown({
    index: [0, -4, 2, 2],
    middle: [0, 0, 2, 2],
    ring: [0, 3, 2, 2],
    little: [0, 8, 2, 2],
  }),
  thumb: [0, 20, 0, 8, 6],
};

/** The thumb's tip at the middle finger's last crease, both round, seen from the thumb's side. [memory] */
export const THUMB_TO_CREASE: BareOrder = order(
  {
    ...palmDown({
      index: [20, -3, 20, 10],
      middle: [48, 0, 52, 20],
      ring: [30, 3, 34, 16],
      little: [24, 8, 28, 14],
    }),
    thumb: [44, 20, 0, 22, 40],
  },
  station([1, -0.25, 0.35], [0, -22, 92], 180),
);

const FROM_PALM: Station['toward'] = [0, -1, 0.08];

/** The open hand from its palm, fingers up, as large as the student's. */
export const openPalm = (build: BareOrder['build']): BareOrder => ({
  ...order(OPEN, station(FROM_PALM, [6, 0, 96 * build.size], 190 * build.size, 190 / 225)),
  build,
  detail: 'portrait',
});
