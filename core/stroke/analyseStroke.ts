import { quantile } from 'd3-array';
import type { Place } from '../measure';
import { cutStrokes, type StrokeCut } from './cutStrokes';
import { evenFrames, type EvenFrames } from './evenFrames';
import { rangeOf, type Range } from './range';
import { smoothness, smoothnessFloor } from './smoothness';
import { STROKE_CHANNELS, type StrokeChannel, type StrokeSeries } from './strokeSeries';

/** A number of a take with its doubt. */
export interface Estimate {
  deg: number;
  sd: number;
}

export interface AnalysedStroke extends StrokeCut {
  /** How far the wrist goes in it. */
  wrist: Range | null;
  smoothness: number | null;
  /** What the smoothest movement would read with this noise. */
  floor: number | null;
}

/** What a take tells. */
export interface StrokeAnalysis {
  even: EvenFrames;
  /** Whether the wrist's noise was told with the take, or only guessed from it. */
  isNoiseKnown: boolean;
  strokes: readonly AnalysedStroke[];
  /** Over the whole take; the doubt has what strokes differ by in it. */
  ranges: Partial<Record<StrokeChannel, Range>>;
  /** Wrist flexion near heel, middle and point, where the bow's place is known. */
  means: Record<Place, Estimate | null>;
  /** How far the bow is from square to the string there. */
  skew: Record<Place, Estimate | null>;
  /** From heel to point: negative is toward extension. */
  turn: Estimate | null;
  /** Mean of the ranges of thumb and little finger. */
  fingers: Range | null;
  /** The wrist's part of wrist and fingers together, 0 to 1. */
  steeringShare: number | null;
  /** Of the middle stroke by smoothness, with its floor. */
  smoothness: { value: number; floor: number } | null;
}

/** Which part of the bow counts as heel, middle and point, 0 heel to 1 point. [memory] */
const PARTS: Record<Place, readonly [number, number]> = {
  heel: [-Infinity, 0.2],
  middle: [0.4, 0.6],
  point: [0.8, Infinity],
};

/**
 * What a take tells of wrist and fingers.
 *
 * @param series free of issues
 * @param cuts corrected by hand; without them the take is cut at its turns
 */
export function analyseStroke(series: StrokeSeries, cuts?: readonly StrokeCut[]): StrokeAnalysis {
  const even = evenFrames(series);
  const strokes = (cuts ?? cutStrokes(even)).map((cut) => analysed(even, cut));
  const ranges: StrokeAnalysis['ranges'] = {};
  for (const name of STROKE_CHANNELS) {
    const range = rangeOver(even, name, strokes);
    if (range && name !== 'bowPlace') ranges[name] = range;
  }
  const meansOf = (name: StrokeChannel) => ({
    heel: meanAt(even, name, PARTS.heel),
    middle: meanAt(even, name, PARTS.middle),
    point: meanAt(even, name, PARTS.point),
  });
  const means = meansOf('wristFlexion');
  const fingers = fingerRange(ranges);
  const wrist = ranges.wristFlexion;
  const both = wrist && fingers ? wrist.deg + fingers.deg : 0;
  return {
    even,
    isNoiseKnown: series.noiseSd?.wristFlexion !== undefined,
    strokes,
    ranges,
    means,
    skew: meansOf('bowSkew'),
    turn: difference(means.heel, means.point),
    fingers,
    steeringShare: wrist && both > 0 ? wrist.deg / both : null,
    smoothness: typicalSmoothness(strokes),
  };
}

/** Values of a channel between two times. */
function between(
  { timesS, channels }: EvenFrames,
  name: StrokeChannel,
  { fromS, toS }: StrokeCut,
): (number | null)[] {
  return (channels[name] ?? []).filter(
    (_, i) => timesS[i]! >= fromS - 1e-9 && timesS[i]! <= toS + 1e-9,
  );
}

function analysed(even: EvenFrames, cut: StrokeCut): AnalysedStroke {
  const angles = between(even, 'wristFlexion', cut);
  const wrist = rangeOf(angles, even.noiseSd.wristFlexion ?? 0);
  const whole = angles.every((angle) => angle !== null) ? (angles as number[]) : null;
  const measured = whole && even.filter ? smoothness(whole, even.frameRateHz) : null;
  return {
    ...cut,
    wrist,
    smoothness: measured,
    floor:
      measured === null || !wrist || wrist.deg === 0
        ? null
        : smoothnessFloor(
            { rangeDeg: wrist.deg, durationS: cut.toS - cut.fromS },
            even.frameRateHz,
            even.rawNoiseSd.wristFlexion ?? 0,
            even.filter,
          ),
  };
}

/** A stroke of which less than this share was seen does not count against the others. [memory] */
const SEEN_SHARE = 0.7;

function rangeOver(
  even: EvenFrames,
  name: StrokeChannel,
  strokes: readonly StrokeCut[],
): Range | null {
  const noise = even.noiseSd[name] ?? 0;
  const whole = rangeOf(even.channels[name] ?? [], noise);
  if (!whole) return null;
  const single = strokes.flatMap((cut) => {
    const values = between(even, name, cut);
    const seen = values.filter((value) => value !== null).length;
    return seen < SEEN_SHARE * values.length ? [] : (rangeOf(values, noise)?.deg ?? []);
  });
  if (single.length < 2) return whole;
  const mean = single.reduce((sum, deg) => sum + deg, 0) / single.length;
  const variance =
    single.reduce((sum, deg) => sum + (deg - mean) ** 2, 0) / (single.length - 1) / single.length;
  return { ...whole, sd: Math.sqrt(whole.sd ** 2 + variance) };
}

function meanAt(
  even: EvenFrames,
  name: StrokeChannel,
  [from, to]: readonly [number, number],
): Estimate | null {
  const { channels, noiseSd } = even;
  const angles = (channels[name] ?? []).filter((angle, i) => {
    const place = channels.bowPlace?.[i] ?? null;
    return angle !== null && place !== null && place >= from && place <= to;
  }) as number[];
  if (angles.length === 0) return null;
  const deg = angles.reduce((sum, angle) => sum + angle, 0) / angles.length;
  // What is left of the noise hangs together over neighbouring frames: it does not average out over a stroke's end.
  return { deg, sd: Math.max(1e-6, noiseSd[name] ?? 0) };
}

const difference = (from: Estimate | null, to: Estimate | null): Estimate | null =>
  from && to && { deg: to.deg - from.deg, sd: Math.hypot(from.sd, to.sd) };

function fingerRange({ thumbIp, littlePip }: StrokeAnalysis['ranges']): Range | null {
  const there = [thumbIp, littlePip].filter((range) => range !== undefined);
  if (there.length === 0) return null;
  return {
    deg: there.reduce((sum, { deg }) => sum + deg, 0) / there.length,
    sd: Math.hypot(...there.map(({ sd }) => sd)) / there.length,
    couldBeNoise: there.every(({ couldBeNoise }) => couldBeNoise),
    noiseDeg: Math.max(...there.map(({ noiseDeg }) => noiseDeg)),
  };
}

function typicalSmoothness(strokes: readonly AnalysedStroke[]): StrokeAnalysis['smoothness'] {
  const comparable = strokes.filter(
    ({ smoothness, floor }) => smoothness !== null && floor !== null,
  );
  const middle = quantile(
    comparable.map(({ smoothness }) => smoothness!),
    0.5,
  );
  if (middle === undefined) return null;
  const nearest = comparable.reduce((best, one) =>
    Math.abs(one.smoothness! - middle) < Math.abs(best.smoothness! - middle) ? one : best,
  );
  return { value: nearest.smoothness!, floor: nearest.floor! };
}
