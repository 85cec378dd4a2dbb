import type { Issue } from '../issue';

/**
 * What is followed over a stroke. Degrees as the measures have them (flexion +, extension −; skew + when the point drifts
 * toward the scroll); the place runs from 0, heel, to 1, point.
 */
export const STROKE_CHANNELS = [
  'wristFlexion',
  'wristDeviation',
  'thumbIp',
  'littlePip',
  'bowSkew',
  'bowPlace',
] as const;
export type StrokeChannel = (typeof STROKE_CHANNELS)[number];

/** A take as it was recorded: one time for each frame, and what was seen in it; null was not seen. */
export interface StrokeSeries {
  timesS: readonly number[];
  channels: Partial<Record<StrokeChannel, readonly (number | null)[]>>;
  /** Standard deviation of single values, where it is known from how they were measured. */
  noiseSd?: Partial<Record<StrokeChannel, number>> | undefined;
  /** For picked frames: what lies between two of them that are no further apart than this is drawn through, s. */
  bridgedS?: number | undefined;
}

/** A take shorter than this many frames shows no stroke. [memory] */
export const FEWEST_FRAMES = 3;

/** A take longer than this is no stroke but a performance, s. [memory] */
export const LONGEST_S = 300;

/** Beyond these no joint goes; measurement slips do. */
const POSSIBLE: Record<StrokeChannel, readonly [number, number]> = {
  wristFlexion: [-110, 110],
  wristDeviation: [-60, 60],
  thumbIp: [-60, 120],
  littlePip: [-60, 140],
  bowSkew: [-90, 90],
  bowPlace: [-0.2, 1.2],
};

/** Everything that makes a take unusable, with the frame where it is. */
export function strokeIssues({ timesS, channels }: StrokeSeries): Issue[] {
  const issues: Issue[] = [];
  if (timesS.length < FEWEST_FRAMES) {
    issues.push({ code: 'tooFewFrames', where: 'timesS', params: { least: FEWEST_FRAMES } });
  }
  timesS.forEach((time, i) => {
    const before = timesS[i - 1];
    const where = `timesS[${i}]`;
    if (before === time) issues.push({ code: 'timeRepeated', where, params: { time } });
    else if (before !== undefined && before > time) {
      issues.push({ code: 'timeBackward', where, params: { time, before } });
    }
  });
  const lengthS = (timesS.at(-1) ?? 0) - (timesS[0] ?? 0);
  if (lengthS > LONGEST_S) {
    issues.push({ code: 'takeTooLong', where: 'timesS', params: { most: LONGEST_S } });
  }
  const isSeen = (name: StrokeChannel) => channels[name]?.some((value) => value !== null);
  if (!isSeen('wristFlexion') && !isSeen('bowSkew')) {
    issues.push({ code: 'noWrist', where: 'channels.wristFlexion' });
  }
  for (const name of STROKE_CHANNELS) {
    const [from, to] = POSSIBLE[name];
    channels[name]?.forEach((value, i) => {
      if (value === null || (value >= from && value <= to)) return;
      const where = `channels.${name}[${i}]`;
      issues.push({ code: 'beyondPossible', where, params: { value, from, to } });
    });
  }
  return issues;
}
