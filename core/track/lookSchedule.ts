import { FAMILIES, type Family } from '../measure';
import defaults from './data/trackDefaults.json';
import { HoldBelief, type Beliefs, type LessonSeen } from './evidence/holdBelief';

/** What a lesson says for the time until the next look. */
export type LookOutcome =
  /** All lessons together say that everything looked at is in, and nothing was seen out in this one. */
  | 'good'
  /** Too little is known to say. */
  | 'unsure'
  /** Out this time, as a good hold is now and then: the next lesson tells whether it lasts. */
  | 'outOnce'
  /** What was in is out, by more than one bad day. */
  | 'lapse'
  | 'notYet'
  | 'nothingSeen';

/** When the next look is due, and how the hold stands. */
export interface LookSchedule {
  /** Good lessons in a row. */
  goodInRow: number;
  settled: boolean;
  last: LookOutcome | null;
  /** Lessons in a row that were unsure: after two a better picture or a hand test is asked for. */
  unsureInRow: number;
  intervalDays: number;
  /** Null before the first look: at once. */
  dueDay: number | null;
  /** How probable it is that each family is in, all lessons together. */
  families: Beliefs;
}

export interface ScheduleOptions {
  /** A day on which a lesson is given; lessons come every seven days. Null without regular lessons. */
  lessonDay?: number | null;
  /** An advanced player who audits the own hold: the longest interval is longer. */
  audits?: boolean;
  /** Days from which on other bands judged these checkpoints: what is out by them was not lost. */
  newBands?: readonly { day: number; series: readonly string[] }[];
}

const { heldFrom, settledFrom, settledAfterLessons, inPassingDays } = defaults.evidence;
/** From here on lessons together say that a family is in; below the other, that it is out. */
export const IN_FROM = defaults.evidence.inFrom;
export const LOST_BELOW = defaults.evidence.lostBelow;
const SHORTEST = defaults.intervalsDays[0]!;

/** How lessons have gone, one after the other. */
interface Course {
  goodInRow: number;
  unsureInRow: number;
  settled: boolean;
  last: LookOutcome | null;
  /** Lessons that told something since the hold was last lost or not yet there. */
  lessons: number;
  intervalDays: number;
  seenDay: number | null;
  /** The first lesson that counts for a settled hold. */
  from: number;
}

/**
 * When the hold is to be looked at again: after good lessons later and later (3, 7, 14, 28, 56 days; 90 for audits), after a lapse or
 * where it was out once in three days, never before the next lesson, and on a lesson day where there are lessons. A late look counts the
 * time that really passed.
 *
 * @param lessons since the baseline was begun, one a day, oldest first
 */
export const lookSchedule = (
  lessons: readonly LessonSeen[],
  options: ScheduleOptions = {},
): LookSchedule => lookSchedules(lessons, options).at(-1) ?? scheduleOf(AT_FIRST, options);

/** The schedule as it was after each lesson. */
export const lookSchedules = (
  lessons: readonly LessonSeen[],
  options: ScheduleOptions = {},
): LookSchedule[] => followed(lessons, options).map((after) => scheduleOf(after, options));

function scheduleOf({ course, families }: Followed, { lessonDay = null }: ScheduleOptions) {
  const { goodInRow, unsureInRow, settled, last, intervalDays, seenDay } = course;
  const dueDay = seenDay === null ? null : onLessonDay(seenDay + intervalDays, seenDay, lessonDay);
  return { goodInRow, unsureInRow, settled, last, intervalDays, dueDay, families };
}

/** The lessons of a settled hold, from the first that counts for it; null where it is not settled. */
export function settledLessons<Lesson extends LessonSeen>(
  lessons: readonly Lesson[],
  options: ScheduleOptions,
): readonly Lesson[] | null {
  const { settled, from } = (followed(lessons, options).at(-1) ?? AT_FIRST).course;
  return settled ? lessons.slice(from) : null;
}

/** How things stand after a lesson. */
interface Followed {
  course: Course;
  families: Beliefs;
}

const AT_FIRST: Followed = {
  course: {
    goodInRow: 0,
    unsureInRow: 0,
    settled: false,
    last: null,
    lessons: 0,
    intervalDays: 0,
    seenDay: null,
    from: 0,
  },
  families: { thumb: null, fingers: null, little: null, wrist: null },
};

/** One lesson after the other. */
function followed(
  lessons: readonly LessonSeen[],
  { audits = false, newBands = [] }: ScheduleOptions,
): Followed[] {
  const ladder = audits
    ? [...defaults.intervalsDays, defaults.auditIntervalDays]
    : defaults.intervalsDays;
  const belief = new HoldBelief();
  const held = new Set<Family>();
  let { course } = AT_FIRST;
  return lessons.map((lesson, i) => {
    for (const { day, series } of newBands) {
      if (day > lesson.day || day <= (lessons[i - 1]?.day ?? -Infinity)) continue;
      belief.forget(series);
      // What is out by other bands was not lost.
      held.clear();
    }
    const outcome = outcomeOf(lesson, belief, held);
    if (outcome !== 'nothingSeen') {
      course =
        lesson.context === 'row'
          ? afterPassing(course, outcome, lesson.day)
          : next(course, outcome, lesson.day, i, ladder);
    }
    const families = belief.families;
    // A glance never says that a hold is settled; that it is lost it may say.
    const settled = settles(course, families);
    course = { ...course, settled: lesson.context === 'row' ? settled && course.settled : settled };
    return { course, families };
  });
}

/** What a lesson says, all lessons before it together with its own. */
function outcomeOf(lesson: LessonSeen, belief: HoldBelief, held: Set<Family>): LookOutcome {
  const seen = FAMILIES.filter((family) => lesson.standings[family] !== 'notSeen');
  if (seen.length === 0) return 'nothingSeen';
  // Where no band judges the hand, a look is neither good nor a lapse.
  if (seen.every((family) => lesson.standings[family] === 'none')) return 'notYet';
  belief.see(lesson);
  const beliefs = belief.families;
  const known = FAMILIES.flatMap((family) => {
    const probability = beliefs[family];
    return probability === null ? [] : [{ family, probability }];
  });
  const lost = known.filter(
    ({ family, probability }) => held.has(family) && probability < LOST_BELOW,
  );
  for (const { family } of lost) held.delete(family);
  for (const { family, probability } of known) if (probability >= heldFrom) held.add(family);
  if (lost.length > 0) return 'lapse';
  if (known.some(({ probability }) => probability < LOST_BELOW)) return 'notYet';
  const out = seen.filter((family) => lesson.standings[family] === 'out');
  if (out.some((family) => !held.has(family))) return 'notYet';
  if (out.length > 0) return 'outOnce';
  const isOpen = seen.some(
    (family) => lesson.standings[family] === 'unsure' && beliefs[family] === null,
  );
  if (known.length === 0 || isOpen) return 'unsure';
  return known.every(({ probability }) => probability >= IN_FROM) ? 'good' : 'unsure';
}

function next(
  course: Course,
  outcome: LookOutcome,
  day: number,
  i: number,
  ladder: readonly number[],
): Course {
  const { intervalDays, seenDay, goodInRow, unsureInRow, lessons } = course;
  const now = { ...course, last: outcome, seenDay: day, lessons: lessons + 1 };
  switch (outcome) {
    case 'good': {
      // Whoever was good after a longer time than was asked for has shown that much.
      const passed = seenDay === null ? 0 : day - seenDay;
      const managed = Math.max(intervalDays, passed);
      return {
        ...now,
        goodInRow: goodInRow + 1,
        unsureInRow: 0,
        intervalDays: nextStep(ladder, managed, intervalDays === 0),
      };
    }
    case 'unsure':
      return {
        ...now,
        unsureInRow: unsureInRow + 1,
        intervalDays: intervalDays === 0 ? SHORTEST : intervalDays,
      };
    case 'outOnce':
      return { ...now, goodInRow: 0, unsureInRow: 0, intervalDays: SHORTEST };
    case 'lapse':
    case 'notYet':
    case 'nothingSeen':
      return {
        ...now,
        goodInRow: 0,
        unsureInRow: 0,
        lessons: 0,
        intervalDays: SHORTEST,
        from: i + 1,
      };
  }
}

/**
 * After a lesson that was only seen in passing: what is out then is looked at soon; what is good waits a little longer, never longer than a
 * row may wait, and makes nothing settled. A look that is planned for later stays where it is.
 */
function afterPassing(course: Course, outcome: LookOutcome, day: number): Course {
  const { intervalDays, lessons } = course;
  const now = { ...course, last: outcome, lessons: Math.max(lessons, 1) };
  if (outcome === 'lapse' || outcome === 'notYet' || outcome === 'outOnce') {
    return { ...now, seenDay: day, goodInRow: 0, unsureInRow: 0, intervalDays: SHORTEST };
  }
  if (intervalDays > inPassingDays) return now;
  const waits = outcome === 'good' ? inPassingDays : Math.max(intervalDays, SHORTEST);
  return { ...now, seenDay: day, intervalDays: waits };
}

/** Settled once four lessons together are sure of every family, and until what was in is lost. */
const settles = ({ settled, lessons, last }: Course, families: Beliefs): boolean =>
  lessons > 0 &&
  (settled ||
    (lessons >= settledAfterLessons &&
      last === 'good' &&
      Object.values(families).every((one) => one === null || one >= settledFrom)));

/** The first step of the ladder above what was managed. */
const nextStep = (ladder: readonly number[], managed: number, isFirst: boolean): number =>
  isFirst && managed < SHORTEST
    ? SHORTEST
    : (ladder.find((days) => days > managed) ?? ladder.at(-1)!);

/** The lesson that is nearest to the wished day, but none before the next one. */
function onLessonDay(wished: number, seenDay: number, lessonDay: number | null): number {
  if (lessonDay === null) return wished;
  const untilNext = ((((lessonDay - seenDay) % 7) + 6) % 7) + 1;
  const next = seenDay + untilNext;
  const weeks = Math.max(0, Math.round((wished - next) / 7));
  return next + 7 * weeks;
}
