import { seededNormal } from '../../stats';
import {
  FAMILIES,
  type Family,
  type Standing,
  verdictAgainst,
  familyStandings,
} from '../../measure';
import { lookSchedules } from '../lookSchedule';
import type { LessonSeen } from './holdBelief';

/** As many numbers with a band as a good picture or two tell of an over-hand hold, by family. */
const CHECKPOINTS: readonly Family[] = FAMILIES.flatMap((family) =>
  Array<Family>({ thumb: 3, fingers: 6, little: 3, wrist: 2 }[family]).fill(family),
);
/** A band of seven standard errors of measurement: a depth's has 5, a bend's 8. */
const BAND = { lo: 0, hi: 7 };
const HALF_YEAR = 26;
/** In: 1.5 standard errors inside one end of its band. Out: 2 beyond it. */
const [IN, OUT] = [1.5, -2];
/** A slip: over three lessons from inside to as far outside. */
const slip = (lesson: number, from: number) =>
  [IN, 0.5, -0.5, -1.5][Math.min(3, Math.max(0, lesson - from + 1))]!;

/**
 * Weekly lessons of one hold.
 *
 * @param placeOf where a checkpoint truly is, in standard errors from the end of its band
 * @param unsure whether every fourth picture is so poor that its own doubt is 1.5 standard errors
 */
function lessonsOf(
  normal: () => number,
  lessons: number,
  placeOf: (checkpoint: number, lesson: number) => number,
  unsure: boolean,
): LessonSeen[] {
  return Array.from({ length: lessons }, (_, lesson) => {
    const sd = unsure && lesson % 4 === 3 ? 1.5 : 0;
    const numbers = CHECKPOINTS.map((family, i) => {
      const value = placeOf(i, lesson) + Math.hypot(1, sd) * normal();
      return { family, value, band: BAND, sem: 1, sd };
    });
    const standings = familyStandings(
      numbers.map(({ family, value }) => ({
        family,
        verdict: verdictAgainst(value, Math.hypot(1, sd), BAND),
      })),
    ) as Record<Family, Standing>;
    return {
      day: 7 * lesson,
      standings,
      measures: Object.fromEntries(numbers.map((number, i) => [`checkpoint ${i}`, number])),
    };
  });
}

/** After which lessons a hold was called settled, and after which it was told to have been lost. */
function told(lessons: readonly LessonSeen[]) {
  const [settled, lapses]: [number[], number[]] = [[], []];
  lookSchedules(lessons).forEach((schedule, i) => {
    if (schedule.settled) settled.push(i + 1);
    if (schedule.last === 'lapse') lapses.push(i + 1);
  });
  return { settled, lapses };
}

describe.each([
  ['clear pictures', false, 400],
  ['every fourth picture unsure', true, 400],
])('what lessons together say, %s', (name, unsure, holds) => {
  const shareOf = (
    lessons: number,
    placeOf: (checkpoint: number, lesson: number) => number,
    is: (said: ReturnType<typeof told>) => boolean,
  ) => {
    const normal = seededNormal(2027);
    let count = 0;
    for (let i = 0; i < holds; i += 1) {
      if (is(told(lessonsOf(normal, lessons, placeOf, unsure)))) count += 1;
    }
    return count / holds;
  };
  const say = (what: string, share: number) =>
    process.stdout.write(`Measured: ${name}: ${what} ${(100 * share).toFixed(1)} %\n`);

  it('settles good holds within eight lessons, and hardly ever calls one of them lost in half a year', () => {
    const settled = shareOf(
      8,
      () => IN,
      (said) => said.settled.length > 0,
    );
    const lost = shareOf(
      HALF_YEAR,
      () => IN,
      (said) => said.lapses.length > 0,
    );
    say('good holds settled within eight lessons', settled);
    say('good holds called lost in half a year', lost);
    expect(settled).toBeGreaterThanOrEqual(0.9);
    expect(lost).toBeLessThanOrEqual(0.05);
  });

  it('never calls a hold settled of which one checkpoint is out', () => {
    const settled = shareOf(
      HALF_YEAR,
      (checkpoint) => (checkpoint === 1 ? OUT : IN),
      (said) => said.settled.length > 0,
    );
    say('holds with one checkpoint out called settled', settled);
    expect(settled).toBeLessThanOrEqual(0.01);
  });

  it('tells a slip within three lessons after it', () => {
    const from = 16;
    const found = shareOf(
      from + 6,
      (checkpoint, lesson) => (checkpoint === 1 ? slip(lesson, from) : IN),
      (said) => said.lapses.some((lesson) => lesson > from),
    );
    say('slips told within three lessons', found);
    expect(found).toBeGreaterThanOrEqual(0.9);
  });
});
