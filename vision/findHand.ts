import { PALM_INPUT_PX, type HandModels } from './handModels';
import { regionOfPalm, regionOfTaps } from './landmarks/handRegion';
import type { SeenHand } from './landmarks/lookAt';
import { decodePalms } from './palm/decodePalms';
import { mergePalms } from './palm/mergePalms';
import type { Picture, Place } from './picture';
import type { Region } from './region';
import { sampleRegion, type PictureLevels } from './sampleRegion';
import { isSameHand, mostVotes, nearness, type Vote } from './search/vote';
import { Eye, type Look, type Side } from './search/eye';

export type { Side };

/** What came of looking for the hand in a picture: a first guess, to be looked at by a person. */
export type HandSearch =
  | { outcome: 'found'; hand: SeenHand }
  | { outcome: 'noHand' | 'severalHands' | 'tooDark' | 'tooSmall' };

/** Trust at which one look and a closer one are enough. [memory] */
const SURE = 0.75;
/** Trust at which a look around is worth its time. [memory] */
const DOUBTFUL = 0.15;
/** Least trust with which points are offered, and least trust of all looks that see the same. [memory] */
const ENOUGH = 0.3;
const ENOUGH_SUPPORT = 1.2;
/** The most palms of one frame that are looked at closer. */
const MOST_PALMS = 2;
/** How large the squares of a look around are. */
const SCALES = [1, 0.8, 1.25];
/** From the fingers' side wrist and knuckle lie behind each other: the hand may be much larger than their distance. */
const TAP_SCALES = [0.8, 1, 1.25, 1.7, 2.4];
/** A picture with a shorter side than this shows nothing that could be measured, px. [memory] */
const SMALLEST_SIDE_PX = 100;
/** A picture in which hardly anything is lighter than this is black to the eye, of 255. [memory] */
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
  let doubtful = DOUBTFUL;
  for (const frame of searchFrames(picture)) {
    const looks = await looksIn(eye, frame);
    const sure = looks.filter((look) => look.trust >= SURE);
    if (sure.length > 1) return { outcome: 'severalHands' };
    if (sure.length === 1) return { outcome: 'found', hand: sure[0]!.hand };
    for (const look of looks) {
      if (look.trust < doubtful || !eye.hasTime()) continue;
      doubtful = look.trust;
      const seen = mostVotes([look, ...(await eye.allAround(look.region, SCALES))])!;
      if (isEnough(seen)) return { outcome: 'found', hand: (await eye.closer(seen.look)).hand };
    }
    if (!eye.hasTime()) break;
  }
  return { outcome: 'noHand' };
}

const isEnough = ({ look, support }: Vote) => look.trust >= ENOUGH && support >= ENOUGH_SUPPORT;

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
  const near = ({ hand }: Look) => nearness(hand, wrist, middleMcp);
  const best = mostVotes(looks, near);
  return best && best.look.trust * near(best.look) >= ENOUGH
    ? { outcome: 'found', hand: best.look.hand }
    : { outcome: 'noHand' };
}

/** The whole picture as it is, then turned by 90°, 180° and 45°, then nearer and farther: the order of the search. */
export function searchFrames({ width, height }: Picture): Region[] {
  const whole = { x: width / 2, y: height / 2, size: Math.max(width, height), angle: 0 };
  const turned = [90, -90, 180, 45, -45].map((deg) => ({ ...whole, angle: (deg * Math.PI) / 180 }));
  const zoomed = [1.6, 0.7].map((zoom) => ({ ...whole, size: whole.size / zoom }));
  return [whole, ...turned, ...zoomed];
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

function isDark(levels: PictureLevels): boolean {
  const { data } = levels.forShrink(Math.max(levels.picture.width, levels.picture.height) / 128);
  let light = 0;
  for (let i = 0; i < data.length; i += 4) {
    if (Math.max(data[i]!, data[i + 1]!, data[i + 2]!) > DARK) light += 1;
  }
  return light < (LIGHT_SHARE * data.length) / 4;
}
