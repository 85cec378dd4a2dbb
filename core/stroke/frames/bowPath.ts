import { bowSkewDeg } from '../../bow';
import { DEG_PER_RAD, type Vec2 } from '../../units';
import type { StrokeSeries } from '../strokeSeries';

/** What is marked in a picture from the front, px, y down. */
export interface PathFrame {
  timeS: number;
  /** The stick's two ends; null where they were not marked. */
  stick: { hand: Vec2; tip: Vec2 } | null;
  /** Two places on the string that is played, the upper one nearer the scroll. */
  string: { upper: Vec2; lower: Vec2 } | null;
}

/** Where the hair begins and ends, as shares of the stick from its hand end. [memory] */
const HAIR = { from: 0.09, to: 0.975 };

/**
 * The bow's path from pictures from the front: how far it is from square to the string, and where on the hair the string is.
 *
 * @param markSdPx how far a mark may be off in each direction
 * @returns null while fewer than three pictures are marked
 */
export function pathSeries(frames: readonly PathFrame[], markSdPx: number): StrokeSeries | null {
  const measured = frames.flatMap(({ timeS, stick, string }) =>
    stick && string ? [{ timeS, stick, string }] : [],
  );
  if (measured.length < 3) return null;
  const sdOf = ({ stick, string }: (typeof measured)[number]) =>
    Math.hypot(
      lineSd(stick.hand, stick.tip, markSdPx),
      lineSd(string.upper, string.lower, markSdPx),
    );
  const variance = measured.reduce((sum, one) => sum + sdOf(one) ** 2, 0) / measured.length;
  const places = measured.map(({ stick, string }) => hairPlace(stick, string));
  const spacing = (measured.at(-1)!.timeS - measured[0]!.timeS) / (measured.length - 1);
  return {
    timesS: measured.map(({ timeS }) => timeS),
    channels: {
      bowSkew: measured.map(({ stick, string }) => bowSkewDeg(stick, string)),
      bowPlace: places,
    },
    noiseSd: { bowSkew: Math.sqrt(variance) },
    // Pictures that are left out are drawn through: the bow does not jump.
    bridgedS: 4 * spacing,
  };
}

const lineSd = (a: Vec2, b: Vec2, markSdPx: number): number =>
  Math.atan2(Math.SQRT2 * markSdPx, Math.hypot(a.x - b.x, a.y - b.y)) * DEG_PER_RAD;

/** Where on the hair the string is, 0 heel to 1 point; null where the two run alongside each other. */
function hairPlace(
  { hand, tip }: NonNullable<PathFrame['stick']>,
  { upper, lower }: NonNullable<PathFrame['string']>,
): number | null {
  const stick = { x: tip.x - hand.x, y: tip.y - hand.y };
  const string = { x: lower.x - upper.x, y: lower.y - upper.y };
  const cross = stick.x * string.y - stick.y * string.x;
  if (Math.abs(cross) < 1e-9) return null;
  const share = ((upper.x - hand.x) * string.y - (upper.y - hand.y) * string.x) / cross;
  const place = (share - HAIR.from) / (HAIR.to - HAIR.from);
  return Math.min(1, Math.max(0, place));
}
