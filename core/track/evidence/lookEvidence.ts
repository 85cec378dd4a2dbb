import type { Range } from '../../holds';
import { bandProbabilities, type Standing } from '../../measure';
import defaults from '../data/trackDefaults.json';

const { mostPerLook, outsideReach, openReach, eye, inPassing } = defaults.evidence;

/** A number of a lesson, with what is wanted of it and how far both it and the hand are to be trusted. */
export interface EvidentValue {
  value: number;
  band: Range;
  /** Standard error of measurement: what the hand itself differs by from one forming to the next. */
  sem: number;
  /** What the picture leaves open, SD. */
  sd: number;
}

/**
 * How much likelier a value is where the checkpoint is in than where it is out: the value's own density, by forming and picture, over a
 * band in which every place is as likely, against a strip beyond each of its ends. No single value says more than twenty to one, because
 * a point may be badly set.
 *
 * @returns odds; 1 tells nothing
 * @example valueEvidence({ value: 40, band: { lo: 20, hi: 60 }, sem: 5, sd: 0 }) // 20
 * @example valueEvidence({ value: 20, band: { lo: 20, hi: 60 }, sem: 5, sd: 0 }) // 1
 */
export function valueEvidence({ value, band, sem, sd }: EvidentValue): number {
  const { low, inside, high } = bandProbabilities(value, Math.hypot(sem, sd), band);
  const { lo, hi } = band;
  const isOpen = lo === undefined || hi === undefined;
  const within = inside / (isOpen ? openReach * sem : hi - lo);
  const beyond = (low + high) / ((isOpen ? 1 : 2) * outsideReach * sem);
  return clamped(within / Math.max(beyond, LEAST));
}

/** So that nothing is divided by nought. */
const LEAST = 1e-12;

/**
 * The same for a family that was looked at by eye: in is seen as out now and then, and out as in; in passing more often.
 *
 * @returns odds; null where nothing was judged
 */
export function eyeEvidence(standing: Standing, isInPassing = false): number | null {
  const odds = isInPassing ? inPassing : eye;
  switch (standing) {
    case 'in':
      return odds.in;
    case 'out':
      return 1 / odds.out;
    default:
      return null;
  }
}

const clamped = (odds: number): number => Math.min(mostPerLook, Math.max(1 / mostPerLook, odds));
