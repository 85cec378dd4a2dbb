import { PALM_INPUT_PX, type HandModels } from './handModels';
import { regionOfPalm, regionOfTaps } from './landmarks/handRegion';
import type { SeenHand } from './landmarks/lookAt';
import { decodePalms } from './palm/decodePalms';
import { mergePalms } from './palm/mergePalms';
import type { Picture, Place } from './picture';
import { isSameSquare, type Region } from './region';
import { sampleRegion, type PictureLevels } from './sampleRegion';
import { Eye, type Look, type Side } from './search/eye';
import { searchFrames } from './search/frames';
import { inspect } from './search/inspect';
import { isSameHand, mostVotes, nearness, together, trust } from './search/vote';

export type { Side };

/** What came of looking for the hand in a picture: a first guess, to be looked at by a person. */
export type HandSearch =
  | { outcome: 'found'; hand: SeenHand }
  | { outcome: 'noHand' | 'severalHands' | 'tooDark' | 'tooSmall' };

/** The most palms of one frame that are looked at closer. */
const MOST_PALMS = 2;
/**
 * What the trust of looks that see the same must add up to: to be believed at once, and at the end of the search. Of the 190 pictures to tune on
 * none is badly wrong with these, one is with 1.6 and 1.3. [measured]
 */
const SUPPORT = { sure: 2, atLast: 1.5 };
/** From two touches: how the squares around them are turned, degrees, and how large they are. */
const TAP_TURNS_DEG = [0, -30, 30];
/** From the fingers' side wrist and knuckle lie behind each other: the hand may be much larger than their distance. */
const TAP_SCALES = [0.8, 1, 1.25, 1.7, 2.4];
/** Least with which a hand near two touches is offered: presence × side × nearness. [memory] */
const ENOUGH = 0.3;
/** A picture with a shorter side than this shows nothing that could be measured, px. [memory] */
const SMALLEST_SIDE_PX = 100;
/** A picture in which hardly anything is lighter than this is black to the eye, of 255. [memory] */
const DARK = 24;
const LIGHT_SHARE = 0.01;

/**
 * Looks for the bow hand in a picture: first where palms are seen as it is, then turned and zoomed, until a hand of that side is seen alike by
 * several looks. A hand that looks more like the other side's is not believed: its points would be each other's.
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
  const seen: Region[] = [];
  const all: Look[] = [];
  for (const frame of searchFrames(picture)) {
    const hands: SeenHand[] = [];
    for (const region of await palmsIn(eye, frame)) {
      if (!eye.hasTime()) break;
      const isNew = !seen.some((other) => isSameSquare(other, region));
      if (isNew) seen.push(region);
      const supported = (looks: readonly Look[]) => mostVotes(looks, [...all, ...looks])!;
      const { looks, agree } = await inspect(
        eye,
        region,
        isNew,
        (some) => supported(some).support >= SUPPORT.sure,
      );
      const vote = supported(looks);
      all.push(...looks);
      if (!agree && vote.support < SUPPORT.sure) continue;
      const hand = together(all, vote.look);
      if (!hands.some((other) => isSameHand(other, hand))) hands.push(hand);
    }
    if (hands.length > 1) return { outcome: 'severalHands' };
    if (hands.length === 1) return { outcome: 'found', hand: hands[0]! };
    if (!eye.hasTime()) break;
  }
  const last = mostVotes(all);
  return last && last.support >= SUPPORT.atLast
    ? { outcome: 'found', hand: together(all, last.look) }
    : { outcome: 'noHand' };
}

/** The squares around the palms that are seen in a frame, surest first. */
async function palmsIn(eye: Eye, frame: Region): Promise<Region[]> {
  const input = sampleRegion(eye.levels, frame, PALM_INPUT_PX);
  return mergePalms(decodePalms(await eye.models.findPalms(input)))
    .slice(0, MOST_PALMS)
    .map((palm) => regionOfPalm(palm, frame));
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
  const around = regionOfTaps(wrist, middleMcp);
  const looks: Look[] = [];
  for (const turnDeg of TAP_TURNS_DEG) {
    for (const scale of TAP_SCALES) {
      const angle = around.angle + (turnDeg * Math.PI) / 180;
      looks.push(await eye.at({ ...around, angle, size: around.size * scale }));
    }
  }
  const near = ({ hand }: Look) => nearness(hand, wrist, middleMcp);
  const best = mostVotes(looks, looks, near);
  return best && trust(best.look) * near(best.look) >= ENOUGH
    ? { outcome: 'found', hand: best.look.hand }
    : { outcome: 'noHand' };
}

function isDark(levels: PictureLevels): boolean {
  const { data } = levels.forShrink(Math.max(levels.picture.width, levels.picture.height) / 128);
  let light = 0;
  for (let i = 0; i < data.length; i += 4) {
    if (Math.max(data[i]!, data[i + 1]!, data[i + 2]!) > DARK) light += 1;
  }
  return light < (LIGHT_SHARE * data.length) / 4;
}
