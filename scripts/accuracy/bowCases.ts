import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { holdById, type Hold } from '@open-palm/core/holds';
import { HAND_POINTS, UNKNOWN_HAND } from '@open-palm/core/hand';
import { bowInView, type View } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { findBow, type SeenBow } from '@open-palm/vision/findBow';
import { findHand } from '@open-palm/vision/findHand';
import { recogniseView } from '@open-palm/vision/recogniseView';
import type { HandModels } from '@open-palm/vision/models';
import type { Picture } from '@open-palm/vision/picture';
import { GRIPS } from '../../studio-demo/render/grips';
import type { PictureTruth } from '../../studio-demo/render/truth';
import { foundPlaces } from './foundPlaces';
import type { HandPlaces } from './person';

/** How far a guessed bow may be off and still be called right. */
export const RIGHT = { axisDeg: 2, axisMm: 2, frogMm: 4 };

/** What became of the bow in a picture of which everything is known. */
export interface BowCase {
  view: View;
  /** The view that the found hand shows; null where none is sure, undefined where it was not asked. */
  seenView: View | null | undefined;
  outcome: 'offered' | 'silent' | 'noHand' | 'notLookedFor';
  /** How far the axis is off: degrees, and mm at the worse of its two marks. Null unless offered. */
  axis: { deg: number; mm: number } | null;
  /** How far the worse of the frog's two ends is off, mm; null where none is offered. */
  frogMm: number | null;
  /** How long the search for the bow took. */
  ms: number | null;
}

/** Looks for the bow where a hand was found. */
export function bowCase(
  picture: Picture,
  hand: HandPlaces | null,
  truth: PictureTruth,
  hold: Hold,
): BowCase {
  const { view, side, frogLengthMm } = truth;
  const places = hand && HAND_POINTS.map((name) => hand[name]);
  const seenView = places && hold.hand === 'over' ? recogniseView(places, side) : undefined;
  const nothing = { view, seenView, axis: null, frogMm: null, ms: null };
  const facts = bowInView(view, side, hold, frogLengthMm, UNKNOWN_HAND);
  if (!facts) return { ...nothing, outcome: 'notLookedFor' };
  if (!places) return { ...nothing, outcome: 'noHand' };
  const from = performance.now();
  const bow = findBow(picture, places, facts);
  const ms = performance.now() - from;
  if (!bow) return { ...nothing, outcome: 'silent', ms };
  return { view, seenView, outcome: 'offered', ms, ...offBy(bow, truth) };
}

function offBy(bow: SeenBow, { points2d, frogLengthMm }: PictureTruth) {
  const at = (name: keyof PictureTruth['points2d']): Vec2 => ({
    x: points2d[name][0],
    y: points2d[name][1],
  });
  const mm = frogLengthMm / apart(at('frogFront'), at('frogBack'));
  const { stickHandEnd: a, stickTipEnd: b, frog } = bow;
  const length = apart(a, b);
  const off = (p: Vec2) => ((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / length;
  const ends = [at('stickHandEnd'), at('stickTipEnd')] as const;
  const [first, last] = [off(ends[0]), off(ends[1])];
  return {
    axis: {
      deg: Math.abs((Math.asin((last - first) / apart(...ends)) * 180) / Math.PI),
      mm: Math.max(Math.abs(first), Math.abs(last)) * mm,
    },
    frogMm:
      frog && Math.max(apart(frog.front, at('frogFront')), apart(frog.back, at('frogBack'))) * mm,
  };
}

const apart = (a: Vec2, b: Vec2): number => Math.hypot(a.x - b.x, a.y - b.y);

/** The same in the demo's own pictures. */
export async function committedBowCases(folder: string, models: HandModels): Promise<BowCase[]> {
  const cases: BowCase[] = [];
  for (const file of readdirSync(folder).filter((name) => name.endsWith('.json'))) {
    const truth = JSON.parse(readFileSync(join(folder, file), 'utf8')) as PictureTruth;
    const { data, info } = await sharp(join(folder, file.replace('.json', '.jpg')))
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const picture = { width: info.width, height: info.height, data };
    const search = await findHand(picture, truth.side, models);
    const { holdId } = GRIPS.find(({ name }) => file.startsWith(`${name}.`))!;
    cases.push(bowCase(picture, foundPlaces(search), truth, holdById(holdId)));
  }
  return cases;
}
