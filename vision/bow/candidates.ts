import type { Picture } from '../picture';
import type { BowFacts, FrogSight } from './bowFacts';
import { darkBetween } from './darkBetween';
import { edgesOf, lightnessOf } from './edges';
import { frogEnds, type FrogEnds } from './frogEnds';
import { heldHere, pxPerMm, type HandPlaces } from './heldHere';
import { stickAxes, type StickAxis } from './stickAxes';
import { stickBands } from './stickBands';
import { stickInPicture, thumbAlong } from './stickInPicture';

/** How many bands are looked at closer. */
const BANDS = 8;
/** How much thicker than the found hand has it a stick shows, for the hand's bones are seen shortened; and how much that varies, as a logarithm. [measured] */
const THICKER: Record<FrogSight, number> = { beside: 1.42, below: 1.2, behind: 1.08 };
const THICKNESS_SD = 0.3;
const THICKNESS = { least: 0.6, most: 1.75 };
/** More stretches than this say no more: a rail of the room has many. */
const ENOUGH_STRETCHES = 70;

/** What may be the stick, with the frog at it. */
export interface Candidate {
  axis: StickAxis;
  /** How likely it is the stick; only against others of the same picture. */
  score: number;
  /** How much darker it is than what is beside it, of 255. */
  dark: number;
  frog: FrogEnds | null;
}

/** All that may be the stick, each with the frog that would be at it, the likeliest first. */
export function candidates(picture: Picture, hand: HandPlaces, facts: BowFacts): Candidate[] {
  const lightness = lightnessOf(picture);
  const edges = edgesOf(lightness);
  const about = facts.sizes.stickMm * pxPerMm(hand, facts.middleFingerMm) * THICKER[facts.sight];
  const widths = { least: about * THICKNESS.least, most: about * THICKNESS.most };
  const likely = heldHere(hand);
  const axes = stickBands(edges, picture, { widths, likely }, BANDS)
    .flatMap((band) => stickAxes(edges, band, widths))
    .map((axis) => {
      const dark = darkBetween(lightness, axis);
      const thicker = Math.log(axis.widthPx / about) / THICKNESS_SD;
      const score =
        Math.min(axis.stretches, ENOUGH_STRETCHES) *
        Math.pow(axis.widthPx, 0.75) *
        dark *
        likely(axis) *
        Math.exp(-0.5 * thicker * thicker);
      return { axis, score, dark, frog: null };
    })
    .sort((a, b) => b.score - a.score);
  if (facts.sight === 'behind') return axes;
  // What is far behind does not become the stick by a frog.
  return axes
    .filter(({ score }) => score >= axes[0]!.score * WORTH_A_FROG)
    .map((one) => withFrog(picture, hand, facts, one))
    .sort((a, b) => b.score - a.score);
}

const WORTH_A_FROG = 0.15;
/** How much thicker than its wood a stick shows with leather and winding, and how much that varies, as a logarithm. [measured] */
export const WITH_LEATHER = 1.06;
const LEATHER_SD = 0.1;
/** How much a frog says whose size only the stick's thickness tells. [measured] */
const UNCONFIRMED = 0.3;

function withFrog(
  picture: Picture,
  hand: HandPlaces,
  facts: BowFacts,
  { axis, score, dark }: Candidate,
): Candidate {
  const sight = facts.sight === 'below' ? 'below' : 'beside';
  const stick = stickInPicture(axis, hand, facts);
  const frog = frogEnds(picture, stick, sight, facts.sizes, thumbAlong(stick, hand));
  if (!frog) return { axis, score: score * 0.1, dark, frog };
  const fit = fitOf(axis, frog, facts) / LEATHER_SD;
  const agrees = frog.isConfirmed ? Math.exp(-0.5 * fit * fit) : UNCONFIRMED;
  return { axis, score: score * (0.2 + frog.clear) * agrees, dark, frog };
}

/** How far the stick's thickness and the frog's size contradict each other, as a logarithm. */
export const fitOf = ({ widthPx }: StickAxis, frog: FrogEnds, { sizes }: BowFacts): number =>
  Math.log(widthPx / (sizes.stickMm * WITH_LEATHER * frog.pxPerMm));
