import type { Picture } from '../picture';
import type { BowSizes } from './bowFacts';
import type { StickInPicture } from './stickInPicture';

/** Where the frog lies along a stick. */
export interface FrogEnds {
  /** Along the stick from the origin, px. */
  backPx: number;
  frontPx: number;
  /** Share of the back edge that was seen. */
  clear: number;
  pxPerMm: number;
  /** Whether the frog's own underside or front tells the scale, and not the stick's thickness alone. */
  isConfirmed: boolean;
}

/** Where across the stick a view shows the frog's body, in widths of the stick toward the hair. [measured] */
const BODY = { beside: { from: 0.75, to: 2.1 }, below: { from: -0.25, to: 0.95 } };
const STEPS = 12;
/** The body is dark and without colour, of 255. [measured] */
const DARK = 125;
const COLOURLESS = 34;
/** Least fall of lightness at an edge, of 255. [measured] */
const FALL = 7;
/** How far from where the thumb has it the frog's back may be, SD, mm. [measured] */
const BACK_SD_MM = 16;
/** Where the found thumb's tip is, from the frog's front, mm. [measured] */
const THUMB_MM = { beside: 15, below: 8 };

/**
 * The frog's ends along the stick: its back is where a dark body begins across the stick; its front where that gives way to metal, or as far
 * on as the frog is long.
 *
 * @param thumbPx where along the stick the thumb's tip is, px from the origin
 */
export function frogEnds(
  picture: Picture,
  stick: StickInPicture,
  from: 'beside' | 'below',
  sizes: BowSizes,
  thumbPx: number,
): FrogEnds | null {
  const { widthPx } = stick;
  const scale = widthPx / sizes.stickMm;
  const body = BODY[from];
  const rows = Array.from(
    { length: STEPS },
    (_, i) => widthPx * (body.from + ((body.to - body.from) * i) / (STEPS - 1)),
  );
  const expected = thumbPx - (sizes.frogLengthMm + THUMB_MM[from]) * scale;
  const reach = 2.5 * BACK_SD_MM * scale;
  const back = clearest(
    [expected - reach, expected + reach],
    (u) => shareOf(rows, (v) => beginsDark(picture, stick, u, v)),
    (u, share) => share * share * Math.exp(-0.5 * ((u - expected) / scale / BACK_SD_MM) ** 2),
  );
  if (!back) return null;
  const backPx = back.at;
  const known = { backPx, clear: back.share };
  if (from === 'beside') {
    const seen = underside(picture, stick, sizes, backPx, scale);
    return { ...known, ...scaled(backPx, sizes, seen ?? scale), isConfirmed: seen !== null };
  }
  const { frogLengthMm } = sizes;
  const end = bodyEnd(picture, stick, rows, backPx, frogLengthMm * scale);
  const seen = end === null ? scale : (end - backPx) / frogLengthMm;
  return { ...known, ...scaled(backPx, sizes, seen), isConfirmed: end !== null };
}

const scaled = (backPx: number, { frogLengthMm }: BowSizes, pxPerMm: number) => ({
  frontPx: backPx + frogLengthMm * pxPerMm,
  pxPerMm,
});

/** Pixels a millimetre, as the frog's underside tells it: where its dark body ends toward the hair. */
function underside(
  picture: Picture,
  stick: StickInPicture,
  { undersideMm, frogLengthMm }: BowSizes,
  backPx: number,
  scale: number,
): number | null {
  const columns = Array.from(
    { length: STEPS },
    (_, i) => backPx + frogLengthMm * scale * (0.1 + (0.35 * i) / (STEPS - 1)),
  );
  const about = undersideMm * scale;
  const end = clearest([about * UNDERSIDE_REACH.least, about * UNDERSIDE_REACH.most], (v) =>
    shareOf(columns, (u) => {
      const within = sample(picture, stick, u, v - 2);
      const beyond = sample(picture, stick, u, v + 2);
      return within && beyond && isDark(within) && beyond.light - within.light >= FALL;
    }),
  );
  return end && end.share >= LEAST_SHARE.underside ? end.at / undersideMm : null;
}

/** How far the underside may be from where the stick's thickness has it, as shares; and how much of an edge is enough. [measured] */
const UNDERSIDE_REACH = { least: 0.7, most: 1.25 };
const LEAST_SHARE = { underside: 0.5, front: 0.4 };

/** How far the frog's seen length may be from what the stick's thickness tells, as a share. */
const LENGTH_REACH = 0.28;

/** Where along the stick the dark body gives way to something lighter, near where it should. */
function bodyEnd(
  picture: Picture,
  stick: StickInPicture,
  rows: readonly number[],
  backPx: number,
  length: number,
): number | null {
  const end = clearest([length * (1 - LENGTH_REACH), length * (1 + LENGTH_REACH)], (on) =>
    shareOf(rows, (v) => {
      const within = sample(picture, stick, backPx + on - 2, v);
      const beyond = sample(picture, stick, backPx + on + 2, v);
      return within && beyond && isDark(within) && beyond.light - within.light >= 2 * FALL;
    }),
  );
  return end && end.share >= LEAST_SHARE.front ? backPx + end.at : null;
}

/** The place within reach where most of an edge is seen, or what counts for most; null where nothing is. */
function clearest(
  [from, to]: readonly [number, number],
  shareAt: (at: number) => number,
  worth: (at: number, share: number) => number = (_, share) => share,
): { at: number; share: number } | null {
  let best: { at: number; share: number } | null = null;
  let most = 0;
  for (let at = Math.floor(from); at <= to; at += 1) {
    const share = shareAt(at);
    const score = worth(at, share);
    if (score <= most) continue;
    most = score;
    best = { at, share };
  }
  return best;
}

const shareOf = (places: readonly number[], isSeen: (at: number) => unknown): number =>
  places.filter(isSeen).length / places.length;

/** Whether the frog's dark body begins here along the stick, with something lighter before it. */
function beginsDark(picture: Picture, stick: StickInPicture, u: number, v: number): boolean {
  const before = sample(picture, stick, u - 2, v);
  const after = sample(picture, stick, u + 2, v);
  const further = sample(picture, stick, u + 5, v);
  if (!before || !after || !further || !isDark(after) || !isDark(further)) return false;
  return before.light - Math.max(after.light, further.light) >= FALL;
}

interface Sample {
  light: number;
  colour: number;
}

const isDark = ({ light, colour }: Sample): boolean => light < DARK && colour < COLOURLESS;

function sample(
  { width, height, data }: Picture,
  { origin, toTip, toHair }: StickInPicture,
  u: number,
  v: number,
): Sample | null {
  const x = Math.round(origin.x + u * toTip.x + v * toHair.x);
  const y = Math.round(origin.y + u * toTip.y + v * toHair.y);
  if (x < 0 || y < 0 || x >= width || y >= height) return null;
  const i = (y * width + x) * 4;
  const [r, g, b] = [data[i]!, data[i + 1]!, data[i + 2]!];
  return {
    light: 0.299 * r + 0.587 * g + 0.114 * b,
    colour: Math.max(r, g, b) - Math.min(r, g, b),
  };
}
