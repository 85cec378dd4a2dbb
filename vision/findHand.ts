import { PALM_INPUT_PX, type HandModels } from './handModels';
import { lookAt } from './landmarks/lookAt';
import { regionOfPalm, regionOfPoints, regionOfTaps } from './landmarks/handRegion';
import { decodePalms } from './palm/decodePalms';
import { mergePalms } from './palm/mergePalms';
import type { Picture, Place } from './picture';
import type { Region } from './region';
import { PictureLevels, sampleRegion } from './sampleRegion';

/** A hand that was found: a first guess, to be looked at by a person. */
export interface FoundHand {
  /** 21 places in the picture, px, in the common order; some may lie outside it. */
  points: Place[];
  /** How sure the model is that a hand is there, 0 to 1. It does not tell whether a point is right. */
  presence: number;
  /** How sure it is that it is a right hand, 0 to 1. */
  rightHand: number;
}

/** What came of looking for the hand in a picture. */
export type HandSearch =
  | { outcome: 'found'; hand: FoundHand }
  | { outcome: 'noHand' | 'severalHands' | 'tooDark' | 'tooSmall' };

/** A person's bow hand. */
export type Side = 'left' | 'right';

const LEAST_PRESENCE = 0.5;
/** Trust at which the search ends. */
const SURE = 0.6;
/** Least trust with which points are offered. */
const ENOUGH = 0.3;
/** Trust at which a look around is worth its time. */
const DOUBTFUL = 0.15;
/** After so many looks the search goes on no longer. */
const MOST_LOOKS = 14;
/** How far a touch may lie from where the model sees the joint, in sizes of the hand. */
const TOUCH_SPREAD = 0.4;
const WRIST = 0;
const MIDDLE_MCP = 9;
/** The most palms of one frame that are looked at closer. */
const MOST_PALMS = 2;
/** A picture with a shorter side than this shows nothing that could be measured, px. */
const SMALLEST_SIDE_PX = 100;
/** A picture in which hardly anything is lighter than this is black to the eye, of 255. */
const DARK = 24;
const LIGHT_SHARE = 0.01;

/**
 * Looks for the bow hand in a picture: as it is, then turned and zoomed until a hand of that side is seen well enough.
 * A hand that looks more like the other side's is not believed: its points would be each other's.
 *
 * @returns why not, when there is none or more than one
 */
export async function findHand(
  picture: Picture,
  side: Side,
  models: HandModels,
): Promise<HandSearch> {
  if (Math.min(picture.width, picture.height) < SMALLEST_SIDE_PX) return { outcome: 'tooSmall' };
  const eye = new Eye(picture, side, models);
  if (isDark(eye.levels)) return { outcome: 'tooDark' };
  let best: Look | null = null;
  for (const frame of searchFrames(picture)) {
    const looks = await looksIn(eye, frame);
    if (looks.filter((look) => look.trust >= SURE).length > 1) return { outcome: 'severalHands' };
    const before: Look | null = best;
    best = better(best, ...looks);
    // A doubtful hand that is better than those before is worth looking around.
    if (best && best !== before && best.trust < SURE && best.trust >= DOUBTFUL && eye.hasTime()) {
      best = better(best, await eye.around(best.region, SCALES));
    }
    if (best && best.trust >= SURE) break;
    if (!eye.hasTime()) break;
  }
  return best && best.trust >= ENOUGH
    ? { outcome: 'found', hand: best.hand }
    : { outcome: 'noHand' };
}

/** Looks for the hand whose wrist and middle knuckle a person has touched. */
export async function findHandAt(
  picture: Picture,
  side: Side,
  wrist: Place,
  middleMcp: Place,
  models: HandModels,
): Promise<HandSearch> {
  const eye = new Eye(picture, side, models);
  const [whole] = searchFrames(picture);
  const looks = [
    ...(await looksIn(eye, whole!)),
    ...(await eye.allAround(regionOfTaps(wrist, middleMcp), TAP_SCALES)),
  ];
  const near = (hand: FoundHand) => nearness(hand, wrist, middleMcp);
  const [best] = looks.sort((a, b) => b.trust * near(b.hand) - a.trust * near(a.hand));
  return best && best.trust * near(best.hand) >= ENOUGH
    ? { outcome: 'found', hand: best.hand }
    : { outcome: 'noHand' };
}

/** How well a hand's wrist and knuckle agree with where they were touched: 1 on the spot, falling off with distance. */
function nearness({ points }: FoundHand, wrist: Place, middleMcp: Place): number {
  const off = (from: Place, to: Place) => Math.hypot(from.x - to.x, from.y - to.y);
  const apart = (off(points[WRIST]!, wrist) + off(points[MIDDLE_MCP]!, middleMcp)) / 2;
  return Math.exp(-((apart / (TOUCH_SPREAD * sizeOf(points))) ** 2));
}

/** The longest side of the box around the points. */
function sizeOf(points: readonly Place[]): number {
  const span = (values: number[]) => Math.max(...values) - Math.min(...values);
  return Math.max(span(points.map(({ x }) => x)), span(points.map(({ y }) => y)));
}

/** The whole picture as it is, then turned by 90°, 180° and 45°, then nearer and farther: the order of the search. */
export function searchFrames({ width, height }: Picture): Region[] {
  const whole = { x: width / 2, y: height / 2, size: Math.max(width, height), angle: 0 };
  const turned = [90, -90, 180, 45, -45].map((deg) => ({ ...whole, angle: (deg * Math.PI) / 180 }));
  const zoomed = [1.6, 0.7].map((zoom) => ({ ...whole, size: whole.size / zoom }));
  return [whole, ...turned, ...zoomed];
}

/** A hand seen in a square, and how far it is to be believed: presence times the chance of the right side. */
interface Look {
  region: Region;
  hand: FoundHand;
  trust: number;
}

/** Looks at squares of one picture. */
class Eye {
  readonly levels: PictureLevels;
  private looks = 0;

  constructor(
    picture: Picture,
    private readonly side: Side,
    readonly models: HandModels,
  ) {
    this.levels = new PictureLevels(picture);
  }

  async at(region: Region): Promise<Look> {
    this.looks += 1;
    const hand = await lookAt(this.levels, region, this.models);
    const ofSide = this.side === 'right' ? hand.rightHand : 1 - hand.rightHand;
    return { region, hand, trust: hand.presence * ofSide };
  }

  /** Whether another few looks are worth the wait. */
  hasTime(): boolean {
    return this.looks < MOST_LOOKS;
  }

  /** A second look from a square around the points of a first: the better of the two. */
  async closer(first: Look): Promise<Look> {
    if (first.hand.presence < LEAST_PRESENCE) return first;
    return better(first, await this.at(regionOfPoints(first.hand.points)))!;
  }

  /** Looks at a square and at its neighbours: somewhat turned, smaller and larger. */
  async allAround(region: Region, scales: readonly number[]): Promise<Look[]> {
    const looks: Look[] = [];
    for (const turn of TURNS_DEG) {
      for (const scale of scales) {
        const angle = region.angle + (turn * Math.PI) / 180;
        looks.push(await this.at({ ...region, angle, size: region.size * scale }));
      }
    }
    return looks;
  }

  async around(region: Region, scales: readonly number[]): Promise<Look> {
    return this.closer(better(...(await this.allAround(region, scales)))!);
  }
}

const TURNS_DEG = [0, -30, 30];
const SCALES = [1, 0.8, 1.25];
/** From the fingers' side wrist and knuckle lie behind each other: the hand may be much larger than their distance. */
const TAP_SCALES = [0.8, 1, 1.25, 1.7, 2.4];

function better(...looks: (Look | null)[]): Look | null {
  return looks.reduce(
    (best, look) => (look && look.trust > (best?.trust ?? -1) ? look : best),
    null,
  );
}

async function looksIn(eye: Eye, frame: Region): Promise<Look[]> {
  const input = sampleRegion(eye.levels, frame, PALM_INPUT_PX);
  const palms = mergePalms(decodePalms(await eye.models.findPalms(input)));
  const looks: Look[] = [];
  for (const palm of palms.slice(0, MOST_PALMS)) {
    const look = await eye.closer(await eye.at(regionOfPalm(palm, frame)));
    if (!looks.some((other) => isSameHand(other.hand, look.hand))) looks.push(look);
  }
  return looks;
}

/** Two palms of one hand lead to points that lie on each other. */
function isSameHand(a: FoundHand, b: FoundHand): boolean {
  const between = (i: number) =>
    Math.hypot(a.points[i]!.x - b.points[i]!.x, a.points[i]!.y - b.points[i]!.y);
  const apart = a.points.reduce((sum, _, i) => sum + between(i), 0) / a.points.length;
  const [wrist, knuckle] = [a.points[0]!, a.points[9]!];
  return apart < Math.hypot(wrist.x - knuckle.x, wrist.y - knuckle.y);
}

function isDark(levels: PictureLevels): boolean {
  const { data } = levels.forShrink(Math.max(levels.picture.width, levels.picture.height) / 128);
  let light = 0;
  for (let i = 0; i < data.length; i += 4) {
    if (Math.max(data[i]!, data[i + 1]!, data[i + 2]!) > DARK) light += 1;
  }
  return light < (LIGHT_SHARE * data.length) / 4;
}
