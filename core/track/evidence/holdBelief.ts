import { FAMILIES, type Context, type Family, type Standing } from '../../measure';
import defaults from '../data/trackDefaults.json';
import type { ScoredMeasure } from '../familyScores';
import { eyeEvidence, valueEvidence } from './lookEvidence';

const { changesPerWeek, remembersLessons } = defaults.evidence;

/** What a lesson saw, once: days are whole days of any calendar. */
export interface LessonSeen {
  day: number;
  /** What the bow did; a lesson that was only seen in passing says less. */
  context?: Context;
  standings: Readonly<Record<Family, Standing>>;
  /** By checkpoint. */
  measures: Readonly<Record<string, ScoredMeasure>>;
}

/** How probable it is that each family is in; null where nothing judged it of late. */
export type Beliefs = Readonly<Record<Family, number | null>>;

interface Followed {
  family: Family;
  probability: number;
  day: number;
  /** In which of its family's lessons it was last seen. */
  lesson: number;
}

/** Nothing is known before the first lesson. */
const AT_FIRST = 0.5;

/**
 * How probable it is that each family of a hold is in, lesson by lesson: a running probability of every checkpoint, out of all values and
 * their doubts, and of what was seen by eye; a family is as sure as its least sure checkpoint of the last four lessons that looked at it.
 * A hold can change, one week in a hundred: so nothing is ever sure for good. [memory]
 */
export class HoldBelief {
  readonly #followed = new Map<string, Followed>();
  readonly #lessons: Record<Family, number> = { thumb: 0, fingers: 0, little: 0, wrist: 0 };

  /** Takes in what a lesson saw. */
  see({ day, context, standings, measures }: LessonSeen): void {
    const byFamily = numbersByFamily(measures);
    for (const family of FAMILIES) {
      const evidence = withEye(
        family,
        byFamily[family],
        eyeEvidence(standings[family], context === 'row'),
        standings[family],
      );
      if (evidence.length === 0) continue;
      this.#lessons[family] += 1;
      for (const [series, odds] of evidence) {
        const known = this.#followed.get(series);
        const before = known ? aged(known, day) : AT_FIRST;
        this.#followed.set(series, {
          family,
          probability: updated(before, odds),
          day,
          lesson: this.#lessons[family],
        });
      }
    }
  }

  /** Forgets these checkpoints, because other bands judge them from now on; and what the eye saw by those. */
  forget(series: readonly string[]): void {
    for (const name of series) {
      const family = this.#followed.get(name)?.family;
      this.#followed.delete(name);
      if (family) this.#followed.delete(byEye(family));
    }
  }

  /** How probable it is that each family is in, as of the last lesson. */
  get families(): Beliefs {
    const beliefs: Record<Family, number | null> = {
      thumb: null,
      fingers: null,
      little: null,
      wrist: null,
    };
    for (const { family, probability, lesson } of this.#followed.values()) {
      if (this.#lessons[family] - lesson >= remembersLessons) continue;
      beliefs[family] = Math.min(beliefs[family] ?? 1, probability);
    }
    return beliefs;
  }
}

const byEye = (family: Family) => `${family} by eye`;

/** What a lesson says of a checkpoint: by its name, how much likelier it is in than out. */
type Evidence = readonly [string, number];

function numbersByFamily(measures: LessonSeen['measures']): Record<Family, Evidence[]> {
  const found: Record<Family, Evidence[]> = { thumb: [], fingers: [], little: [], wrist: [] };
  for (const [series, { family, band, value, sem, sd = 0 }] of Object.entries(measures)) {
    if (band) found[family].push([series, valueEvidence({ value, band, sem, sd })]);
  }
  return found;
}

/** What the numbers of a family say, and what was seen by eye where no number says the same. */
function withEye(
  family: Family,
  numbers: readonly Evidence[],
  eye: number | null,
  standing: Standing,
): readonly Evidence[] {
  if (eye === null) return numbers;
  const isInNumbers =
    numbers.length > 0 && (standing === 'in' || numbers.some(([, odds]) => odds < 1));
  return isInNumbers ? numbers : [...numbers, [byEye(family), eye]];
}

/** A hold changes by itself now and then, either way. */
function aged({ probability, day: before }: Followed, day: number): number {
  const changes = 1 - (1 - changesPerWeek) ** Math.max(0, (day - before) / 7);
  return probability * (1 - changes) + (1 - probability) * changes;
}

const updated = (before: number, odds: number): number =>
  (before * odds) / (before * odds + (1 - before));
