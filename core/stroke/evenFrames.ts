import { butterworth, zeroPhase, type Biquad } from './lowPass';
import { noiseGain } from './noiseGain';
import defaults from './data/strokeDefaults.json';
import { STROKE_CHANNELS, type StrokeChannel, type StrokeSeries } from './strokeSeries';

/** A take on an even grid of frames, smoothed; null is a gap that nothing bridges. */
export interface EvenFrames {
  frameRateHz: number;
  timesS: readonly number[];
  channels: Partial<Record<StrokeChannel, readonly (number | null)[]>>;
  /** Standard deviation of what noise is left in the smoothed values. */
  noiseSd: Partial<Record<StrokeChannel, number>>;
  /** The same in the raw values. */
  rawNoiseSd: Partial<Record<StrokeChannel, number>>;
  /** The filter that was used; null where there are too few frames a second for one. */
  filter: Biquad | null;
}

/** With fewer frames than this for each period of the cut-off there is nothing to smooth. [memory] */
const LEAST_FRAMES_PER_PERIOD = 2.5;

/**
 * Brings a take to even frames at its own rate and smooths it: second-order Butterworth there and back, 6 Hz [memory]. Gaps up
 * to 0.2 s are bridged by a straight line, longer ones stay. Frames that were picked are only brought to even times.
 *
 * @param series free of issues
 */
export function evenFrames(series: StrokeSeries): EvenFrames {
  const { timesS } = series;
  const intervals = timesS.slice(1).map((time, i) => time - timesS[i]!);
  const interval = median(intervals);
  const frameRateHz = 1 / interval;
  const [start, end] = [timesS[0]!, timesS.at(-1)!];
  const count = Math.floor((end - start) / interval + 1e-6) + 1;
  const grid = Array.from({ length: count }, (_, i) => start + i * interval);
  const framesPerPeriod = frameRateHz / defaults.cutOffHz;
  const filter =
    series.bridgedS === undefined && framesPerPeriod >= LEAST_FRAMES_PER_PERIOD
      ? butterworth(defaults.cutOffHz, frameRateHz)
      : null;
  const gain = noiseGain(filter);
  // A take of few frames has gaps between all of them: what counts is a frame that is missing.
  const bridged = Math.max(defaults.longestBridgedGapS, 1.5 * interval, series.bridgedS ?? 0);
  const even: EvenFrames = {
    frameRateHz,
    timesS: grid,
    channels: {},
    noiseSd: {},
    rawNoiseSd: {},
    filter,
  };
  for (const name of STROKE_CHANNELS) {
    const values = series.channels[name];
    if (!values?.some((value) => value !== null)) continue;
    const raw = onGrid(timesS, values, grid, bridged);
    const smooth = filter ? inRuns(raw, (run) => zeroPhase(run, filter, framesPerPeriod)) : raw;
    even.channels[name] = smooth;
    const noise = series.noiseSd?.[name];
    const sd = noise ?? (filter ? takenSd(raw, smooth) / gain.taken : 0);
    even.rawNoiseSd[name] = sd;
    even.noiseSd[name] = sd * gain.left;
  }
  return even;
}

/** Values between the frames that saw something, where they are near enough. */
function onGrid(
  timesS: readonly number[],
  values: readonly (number | null)[],
  grid: readonly number[],
  bridged: number,
): (number | null)[] {
  const known = timesS.flatMap((time, i) => {
    const value = values[i] ?? null;
    return value === null ? [] : [{ time, value }];
  });
  let next = 0;
  return grid.map((time) => {
    while (next < known.length && known[next]!.time < time - 1e-9) next += 1;
    const [before, after] = [known[next - 1], known[next]];
    if (after && Math.abs(after.time - time) < 1e-9) return after.value;
    if (!before || !after || after.time - before.time > bridged + 1e-9) return null;
    const share = (time - before.time) / (after.time - before.time);
    return before.value + share * (after.value - before.value);
  });
}

/** Applies something to every run of values between gaps. */
function inRuns(
  values: readonly (number | null)[],
  apply: (run: number[]) => number[],
): (number | null)[] {
  const result: (number | null)[] = [];
  let run: number[] = [];
  const flush = () => {
    result.push(...apply(run));
    run = [];
  };
  for (const value of values) {
    if (value !== null) {
      run.push(value);
      continue;
    }
    flush();
    result.push(null);
  }
  flush();
  return result;
}

/** Root mean square of what smoothing took away. */
function takenSd(raw: readonly (number | null)[], smooth: readonly (number | null)[]): number {
  const taken = raw.flatMap((value, i) => (value === null ? [] : [value - smooth[i]!]));
  return Math.sqrt(taken.reduce((sum, one) => sum + one * one, 0) / Math.max(1, taken.length));
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  return sorted.length % 2 === 1
    ? sorted[Math.floor(middle)]!
    : (sorted[middle - 1]! + sorted[middle]!) / 2;
}
