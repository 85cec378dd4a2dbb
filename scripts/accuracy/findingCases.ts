import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { HAND_POINTS } from '@open-palm/core/hand';
import { findHand } from '@open-palm/vision/findHand';
import type { HandModels } from '@open-palm/vision/models';
import type { Place } from '@open-palm/vision/picture';
import {
  findingPictures,
  type FindingPicture,
} from '../../studio-demo/render/finding/findingPictures';
import type { FindingSet } from '../../studio-demo/render/finding/findingSets';

/** How pictures are turned before they are searched, degrees clockwise. */
export const TURNS_DEG = [0, 90, 180, 270] as const;
type Turn = (typeof TURNS_DEG)[number];

/** What became of one picture, by how it was turned: how far the points that can be seen are off in the median, % of the hand; null where none was found. */
export interface FindingCase extends Pick<FindingPicture, 'side' | 'holdsBow'> {
  offPercent: readonly (number | null)[];
}

/** What became of a set, and the hash of its files in order. */
export interface FindingResult {
  cases: FindingCase[];
  sha256: string;
}

/** Draws a set and looks for the hand in every picture, turned each way. */
export async function findingCases(set: FindingSet, models: HandModels): Promise<FindingResult> {
  const hash = createHash('sha256');
  const cases: FindingCase[] = [];
  for await (const picture of findingPictures(set)) {
    hash.update(picture.jpeg);
    const offPercent: (number | null)[] = [];
    for (const turn of TURNS_DEG) offPercent.push(await offOf(picture, turn, set, models));
    cases.push({ side: picture.side, holdsBow: picture.holdsBow, offPercent });
  }
  return { cases, sha256: hash.digest('hex') };
}

async function offOf(
  { jpeg, places, hidden, handLengthPx }: FindingPicture,
  turn: Turn,
  { size }: FindingSet,
  models: HandModels,
): Promise<number | null> {
  const { data, info } = await sharp(jpeg)
    .rotate(turn)
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const search = await findHand({ width: info.width, height: info.height, data }, 'right', models);
  if (search.outcome !== 'found') return null;
  const percents = search.hand.points.flatMap((point, i) => {
    if (hidden.includes(HAND_POINTS[i]!)) return [];
    const { x, y } = turnedBack(point, turn, size);
    return [(100 * Math.hypot(x - places[i]!.x, y - places[i]!.y)) / handLengthPx];
  });
  return percents.sort((a, b) => a - b)[percents.length >> 1]!;
}

/** A place of the turned picture in the picture as it was. */
function turnedBack(
  { x, y }: Place,
  turn: Turn,
  { width, height }: { width: number; height: number },
): Place {
  if (turn === 90) return { x: y, y: height - x };
  if (turn === 180) return { x: width - x, y: height - y };
  if (turn === 270) return { x: width - y, y: x };
  return { x, y };
}
