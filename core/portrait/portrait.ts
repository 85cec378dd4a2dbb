import type { HandBuild } from '../pose/handBuild';
import {
  HandPoser,
  poseValues,
  type HandPose,
  type PosedHand,
  type WristBend,
} from '../pose/posedHand';
import type { Digit } from '../pose/digits';
import { bowDrawing, rasterBow, type BowDrawing, type Held } from './bowDrawing';
import { covered, lightField, softPart } from './fields';
import { dotsBefore } from './front';
import { handSurface, mirroredSurface, partOfDigit, type Fineness } from './handSurface';
import { inkDots } from './ink';
import { bendMarks, contactMarks, type ContactMark } from './marks';
import { emptyBuffer, lightOf, raster, type Buffer } from './raster';
import { CLOSE_PER_MM, project, sightFrom, type Sight, type Station } from './sight';
import { creasePaths, nailPaths } from './skinMarks';
import { traced, type Field, type Tracing } from './trace';

/** A posed hand and the bow that it holds. */
export interface PosedGrip {
  pose: HandPose;
  build: HandBuild;
  wristBend: WristBend;
  /** Null for a hand that holds nothing. */
  held: Held | null;
  /** Drawn as the other hand at the same place of the bow: mirrored along the stick. */
  isOther?: boolean;
}

/** How finely a grip is drawn. */
export interface Detail {
  /** Width of a dot of the buffer, mm. */
  dotMm: number;
  fineness: Fineness;
  tracing: Tracing;
  /** What is smaller than this is no tone, mm². */
  toneMm2: number;
  /** What is smaller than this is no line inside the hand, mm². */
  inkMm2: number;
  /** Whether lines at joints and nails are drawn. */
  isClose: boolean;
}

/** A portrait at the width of a phone, a part of it to be chosen, a badge in a list, and a hand that follows a finger. */
export const DETAILS = {
  portrait: {
    dotMm: 0.36,
    fineness: 'fine',
    tracing: { leastMm2: 2.5, toleranceMm: 0.22, perMm: CLOSE_PER_MM },
    toneMm2: 8,
    inkMm2: 0.6,
    isClose: true,
  },
  choice: {
    dotMm: 0.45,
    fineness: 'fine',
    tracing: { leastMm2: 2, toleranceMm: 0.35, perMm: CLOSE_PER_MM },
    toneMm2: 6,
    inkMm2: 0.8,
    isClose: true,
  },
  badge: {
    dotMm: 1.1,
    fineness: 'coarse',
    tracing: { leastMm2: 16, toleranceMm: 1.15, perMm: 2 },
    toneMm2: 80,
    inkMm2: 9,
    isClose: false,
  },
  moving: {
    dotMm: 0.6,
    fineness: 'coarse',
    tracing: { leastMm2: 5, toleranceMm: 0.4, perMm: CLOSE_PER_MM },
    toneMm2: 20,
    inkMm2: 1.5,
    isClose: true,
  },
} as const satisfies Record<string, Detail>;

/** What is painted of a drawing: path data from the picture's upper left, in parts of a millimetre, in this order. */
export interface PortraitPaths {
  width: number;
  height: number;
  hand: {
    /** Filled, and drawn round. */
    outline: string;
    /** Filled tones inside it. */
    shade: string;
    deep: string;
    gleam: string;
    nails: string;
    /** Drawn as lines. */
    creases: string;
    /** Filled: lines of their own width. */
    ink: string;
  };
  /** What of the hand nobody has seen, filled paler and drawn round with dashes. */
  unseen: string;
  /** Over the hand, but not inside `before`. */
  bow: BowDrawing | null;
  /** Where the hand lies before the bow. */
  before: string;
}

/** A drawing as plain data. */
export interface Portrait extends PortraitPaths {
  /** Where each digit touches the bow. */
  marks: Record<Digit, ContactMark>;
  /** Where the joint is whose bend tells most of each digit. */
  bends: Record<Digit, ContactMark>;
}

/** Of a drawing what is painted, alone. */
export const pathsOf = ({
  width,
  height,
  hand,
  unseen,
  bow,
  before,
}: PortraitPaths): PortraitPaths => ({ width, height, hand, unseen, bow, before });

/** From where the light comes, against the eye: from the left, above and before. */
const LIGHT = [-0.42, 0.72, 0.55] as const;

/** Darker than this a cell is in shade or in deep shade, lighter than that it gleams. [memory] */
const TONES = { deep: 0.3, shade: 0.47, gleam: 0.93 };

/** How a grip is drawn. */
export interface Drawing {
  station: Station;
  detail?: Detail;
  /** Digits that nobody has seen. */
  unseen?: readonly Digit[];
  /** Where on each digit it touches, joint units from the tip. */
  depths?: Record<Digit, number>;
}

const USUAL_DEPTHS = { thumb: 0.3, index: 1, middle: 1, ring: 1, little: 0.2 };

/** Draws a grip from where it is looked at. */
export function drawPortrait(
  { pose, build, wristBend, held, isOther = false }: PosedGrip,
  { station, detail = DETAILS.portrait, unseen = [], depths = USUAL_DEPTHS }: Drawing,
): Portrait {
  const { widthMm, heightMm } = station;
  const { tracing, toneMm2, inkMm2, isClose } = detail;
  const sight = sightFrom(station);
  const hand = new HandPoser(build).pose(poseValues(pose));
  const { buffer, skin } = seenHand(hand, build.size, wristBend, sight, detail, isOther);
  const lit = lightField(buffer);
  const dark = darkness(lit);
  const tone = { ...tracing, leastMm2: toneMm2, toleranceMm: 1.6 * tracing.toleranceMm };
  const bowNear = held && rasterBow(held, sight, buffer);
  const ink = { ...tracing, leastMm2: inkMm2 };
  return {
    width: Math.round(widthMm * tracing.perMm),
    height: Math.round(heightMm * tracing.perMm),
    hand: {
      outline: traced(covered(buffer, buffer.part), tracing),
      shade: traced(dark, tone, 1 - TONES.shade),
      deep: isClose ? traced(dark, tone, 1 - TONES.deep) : '',
      gleam: isClose ? traced(lit, tone, TONES.gleam) : '',
      nails: isClose ? nailPaths(skin, sight, buffer) : '',
      creases: isClose ? creasePaths(skin, sight, buffer) : '',
      ink: traced(covered(buffer, inkDots(buffer)), ink),
    },
    unseen: unseen.length === 0 ? '' : traced(softPart(buffer, dotsOf(buffer, unseen)), tracing),
    bow: held && bowNear ? bowDrawing(held, sight, buffer, bowNear, tracing, isClose) : null,
    before: bowNear ? traced(covered(buffer, dotsBefore(buffer, bowNear)), tracing) : '',
    marks: contactMarks(hand, depths, sight, buffer, bowNear, held?.bow.stickRadiusMm ?? 0),
    bends: bendMarks(hand, sight, buffer, bowNear),
  };
}

/** Another hand of the same view as lines alone, or a part of it, to be laid over: where the hold wants it, or how it was. */
export function drawOutline(
  { pose, build, wristBend }: Omit<PosedGrip, 'held'>,
  station: Station,
  detail: Detail = DETAILS.portrait,
  only?: readonly Digit[],
): { outline: string; ink: string } {
  const hand = new HandPoser(build).pose(poseValues(pose));
  const { buffer } = seenHand(hand, build.size, wristBend, sightFrom(station), detail);
  const { tracing, inkMm2 } = detail;
  if (only) return { outline: traced(softPart(buffer, dotsOf(buffer, only)), tracing), ink: '' };
  return {
    outline: traced(covered(buffer, buffer.part), tracing),
    ink: traced(covered(buffer, inkDots(buffer)), { ...tracing, leastMm2: inkMm2 }),
  };
}

function seenHand(
  hand: PosedHand,
  size: number,
  wristBend: WristBend,
  sight: Sight,
  { dotMm, fineness }: Detail,
  isOther = false,
): { buffer: Buffer; skin: Float64Array } {
  const [x, y, z] = sight.toward;
  const own = handSurface(hand, size, wristBend, isOther ? [-x, y, z] : sight.toward, fineness);
  const { places, triangles, parts, skin } = isOther ? mirroredSurface(own) : own;
  const buffer = emptyBuffer(sight.widthMm, sight.heightMm, dotMm);
  const light = lightOf(places, triangles, lightFrom(sight));
  raster(buffer, { places: project(sight, places), triangles, parts, light });
  return { buffer, skin };
}

/** Dots of some digits. */
function dotsOf({ part }: Buffer, digits: readonly Digit[]): Uint8Array {
  const is = new Uint8Array(8);
  // The buffer's parts are one more than the surface's.
  for (const digit of digits) is[partOfDigit(digit) + 1] = 1;
  const dots = new Uint8Array(part.length);
  for (let i = 0; i < part.length; i += 1) dots[i] = is[part[i]!]!;
  return dots;
}

function lightFrom({ right, up, toward }: Sight): [number, number, number] {
  const length = Math.hypot(...LIGHT);
  return [0, 1, 2].map(
    (k) => (LIGHT[0] * right[k]! + LIGHT[1] * up[k]! + LIGHT[2] * toward[k]!) / length,
  ) as [number, number, number];
}

/** How dark each cell of the hand is; 0 where there is no hand. */
const darkness = (lit: Field): Field => ({
  ...lit,
  values: lit.values.map((value) => (value < 0 ? 0 : 1 - value)),
});
