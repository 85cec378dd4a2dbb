import type { Side } from '../../measure';
import type { StrokeSeries } from '../strokeSeries';
import {
  forearmDirection,
  forearmDirectionSd,
  HAND_DIRECTION_SD_DEG,
  wristFlexionOf,
  type WristFrame,
} from './frameMarks';
import { placesAlong } from './handPath';

/** What a forearm's direction may be off more where it was not marked but lies between two that were, degrees. [memory] */
const BETWEEN_SD_DEG = 2;

/** Way of the bow above which the forearm is taken to turn with it rather than with time. [memory] */
const MOVING = 0.1;

/** A frame may be missing between two, or two: more is a gap. [memory] */
const BRIDGED_SPACINGS = 3.2;

/** How the wrist is bent in a frame. */
export interface FrameWrist {
  flexionDeg: number;
  /** Whether its forearm was marked, or lies between two that were. */
  marked: boolean;
}

/**
 * The wrist in each frame. A forearm that was not marked turns from the marked one before it to the one after as the bow
 * goes; before the first and after the last nothing is told.
 *
 * @param places of the bow in each frame
 */
export function wristInFrames(
  frames: readonly WristFrame[],
  places: readonly (number | null)[],
  side: Side,
): (FrameWrist | null)[] {
  const marked = frames.flatMap(({ forearm }, i) => (forearm ? [i] : []));
  return frames.map(({ hand, forearm }, i) => {
    if (!hand) return null;
    if (forearm) {
      return { flexionDeg: wristFlexionOf(hand, forearmDirection(forearm), side), marked: true };
    }
    const before = marked.filter((index) => index < i).at(-1);
    const after = marked.find((index) => index > i);
    if (before === undefined || after === undefined) return null;
    const share = shareOfWay(i, before, after, frames, places);
    const from = forearmDirection(frames[before]!.forearm!);
    const to = forearmDirection(frames[after]!.forearm!);
    const direction = from + share * shortestTurn(to - from);
    return { flexionDeg: wristFlexionOf(hand, direction, side), marked: false };
  });
}

function shareOfWay(
  i: number,
  before: number,
  after: number,
  frames: readonly WristFrame[],
  places: readonly (number | null)[],
): number {
  const [from, at, to] = [places[before], places[i], places[after]];
  if (from != null && at != null && to != null && Math.abs(to - from) >= MOVING) {
    return Math.min(1, Math.max(0, (at - from) / (to - from)));
  }
  const [fromS, atS, toS] = [frames[before]!.timeS, frames[i]!.timeS, frames[after]!.timeS];
  return (atS - fromS) / (toS - fromS);
}

const shortestTurn = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

/**
 * A take from frames that were picked from a clip.
 *
 * @param heelS a time at which the bow is nearer the heel; null leaves the bow's place untold
 * @param markSdPx how far a mark may be off in each direction
 * @returns null while fewer than three frames have both hand and forearm
 */
export function wristSeries(
  frames: readonly WristFrame[],
  { heelS, side, markSdPx }: { heelS: number | null; side: Side; markSdPx: number },
): StrokeSeries | null {
  const places = placesAlong(frames, heelS);
  const wrists = wristInFrames(frames, places, side);
  const seen = wrists.flatMap((wrist, i) => (wrist ? [{ wrist, frame: frames[i]! }] : []));
  if (seen.filter(({ wrist }) => wrist.marked).length < 3) return null;
  const variances = seen.map(({ wrist, frame: { forearm } }) =>
    forearm ? forearmDirectionSd(forearm, markSdPx) ** 2 : wrist.marked ? 0 : BETWEEN_SD_DEG ** 2,
  );
  const mean = variances.reduce((sum, variance) => sum + variance, 0) / variances.length;
  const spacing = (frames.at(-1)!.timeS - frames[0]!.timeS) / (frames.length - 1);
  return {
    timesS: frames.map(({ timeS }) => timeS),
    channels: {
      wristFlexion: wrists.map((wrist) => wrist && wrist.flexionDeg),
      ...(heelS === null || places.every((place) => place === null) ? {} : { bowPlace: places }),
    },
    noiseSd: { wristFlexion: Math.sqrt(mean + HAND_DIRECTION_SD_DEG ** 2) },
    bridgedS: BRIDGED_SPACINGS * spacing,
  };
}

/** A still's place in the bow. */
export type StillPlace = 'heel' | 'middle' | 'point';

const STILL_PLACES: Record<StillPlace, number> = { heel: 0, middle: 0.5, point: 1 };

/**
 * A take from three stills. They have no time: they stand one after the other, as in a down-bow.
 *
 * @returns null while one of them has no wrist
 */
export function stillsSeries(
  stills: Record<StillPlace, WristFrame | null>,
  { side, markSdPx }: { side: Side; markSdPx: number },
): StrokeSeries | null {
  const frames = (['heel', 'middle', 'point'] as const).map((place, i) => {
    const still = stills[place];
    return still?.hand && still.forearm ? { ...still, timeS: i, place } : null;
  });
  if (frames.some((frame) => frame === null)) return null;
  const whole = frames.filter((frame) => frame !== null);
  const variance =
    whole.reduce((sum, { forearm }) => sum + forearmDirectionSd(forearm!, markSdPx) ** 2, 0) / 3;
  return {
    timesS: whole.map(({ timeS }) => timeS),
    channels: {
      wristFlexion: whole.map(({ hand, forearm }) =>
        wristFlexionOf(hand!, forearmDirection(forearm!), side),
      ),
      bowPlace: whole.map(({ place }) => STILL_PLACES[place]),
    },
    noiseSd: { wristFlexion: Math.hypot(Math.sqrt(variance), HAND_DIRECTION_SD_DEG) },
    bridgedS: 1,
  };
}
