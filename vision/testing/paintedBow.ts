import type { Picture, Place } from '../picture';
import type { BowFacts } from '../bow/bowFacts';

/** A violin's bow, beside the fingers of a right hand. */
export const VIOLIN_BESIDE: BowFacts = {
  sight: 'beside',
  hairIsClockwise: 1,
  sizes: { frogLengthMm: 46, stickMm: 8.6, undersideMm: 23 },
  middleFingerMm: 97.2,
};

export const PX_PER_MM = 4;
const SIZE = { width: 1000, height: 750 };
const WALL = [205, 200, 190] as const;
const WOOD = [105, 50, 28] as const;
const EBONY = [26, 24, 22] as const;
const SKIN = [205, 150, 120] as const;

/** Where the bow's parts lie from the frog's front, mm: along toward the tip, across toward the hair. */
const STICK = { from: -62, halfMm: 4.3 };
const FROG = { from: -46, to: -9, topMm: 4, bottomMm: 23 };
/** Where the fingers reach across, mm, and how far toward the hair: the little finger stands on top. */
const FINGERS = [
  { at: 34, to: 26 },
  { at: 14, to: 26 },
  { at: -6, to: 24 },
  { at: -30, to: -2 },
];
const FINGER_HALF_MM = 8;

/**
 * A bow across a plain wall with four fingers over it, and the hand's points as a finder would see them.
 *
 * @param angle of the stick toward its tip, radians
 * @param without leaves these out
 */
export function paintedBow(
  angle: number,
  { flipped = false, without = [] as readonly ('stick' | 'frog')[] } = {},
): { picture: Picture; hand: Place[]; front: Place; back: Place; toTip: Place } {
  const { width, height } = SIZE;
  const middle = { x: width / 2, y: height / 2 };
  const hair = flipped ? -1 : 1;
  const toTip = { x: Math.cos(angle), y: Math.sin(angle) };
  const toHair = { x: -toTip.y * hair, y: toTip.x * hair };
  const place = (along: number, across: number): Place => ({
    x: middle.x + PX_PER_MM * (toTip.x * along + toHair.x * across),
    y: middle.y + PX_PER_MM * (toTip.y * along + toHair.y * across),
  });
  const data = new Uint8Array(width * height * 4).fill(255);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const [dx, dy] = [(x - middle.x) / PX_PER_MM, (y - middle.y) / PX_PER_MM];
      const [u, v] = [dx * toTip.x + dy * toTip.y, dx * toHair.x + dy * toHair.y];
      data.set(colourAt(u, v, without), (y * width + x) * 4);
    }
  }
  const hand: Place[] = [
    place(0, -95),
    place(45, -60),
    place(35, -30),
    place(22, -12),
    place(15, 2),
  ];
  for (const { at, to } of FINGERS) {
    for (const across of [-50, -0.4 * (50 + to) + to, -0.15 * (50 + to) + to, to - 3]) {
      hand.push(place(at, across));
    }
  }
  return {
    picture: { ...SIZE, data },
    hand,
    front: place(0, 9.5),
    back: place(FROG.from, 9.5),
    toTip,
  };
}

function colourAt(u: number, v: number, without: readonly string[]): readonly number[] {
  const covers = ({ at, to }: { at: number; to: number }) =>
    v > -50 && v < to && Math.abs(u - at) < FINGER_HALF_MM;
  if (FINGERS.some(covers)) return SKIN;
  if (!without.includes('stick') && u > STICK.from && Math.abs(v) < STICK.halfMm) return WOOD;
  const isFrog = u > FROG.from && u < FROG.to && v > FROG.topMm && v < FROG.bottomMm;
  return isFrog && !without.includes('frog') ? EBONY : WALL;
}
