import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import {
  logEntrySchema,
  type CheckInput,
  type Group,
  type LogEntry,
  type Student,
  type Walk,
} from '@open-palm/contract';
import { gripOf } from '@open-palm/records/grip';
import { calendarDay, lessonDayOf, lessonOn } from '@open-palm/records/time';
import { MEASURED_FROG_SD_MM } from '@open-palm/core/bow';
import { FINGER_CHAIN, FINGERS, HAND_POINTS } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import type { Capture, PointName, View } from '@open-palm/core/measure';
import { seededNormal, seededUniform } from '@open-palm/core/stats';
import type { PictureTruth, RenderedTruth } from '../render/truth';
import { courseLooks } from './demoCourse';
import { demoGroup } from './demoGroup';
import { DEMO_LOW_STRINGS } from './demoLowStrings';
import { demoPractice } from './demoPractice';
import type { DemoEntry, DemoLook, DemoStudent } from './demoStudent';
import { DEMO_VIOLINS } from './demoViolins';
import { DEMO_VIOLIN_STORIES } from './demoViolinStories';

/** SD of a teacher's marks on the demo pictures, px of 1,200. [memory] */
const MARK_SD_PX = 4;

const STICK: readonly PointName[] = ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack'];

/** What an eye can see in the rendered pictures of each view, and so what is marked. */
const SEEN: Partial<Record<View, readonly PointName[]>> = {
  'finger-side': [...STICK, ...FINGERS.flatMap((finger) => FINGER_CHAIN[finger])],
  'thumb-side': [...STICK, 'thumbCmc', 'thumbMcp', 'thumbIp', 'thumbTip'],
  profile: ['forearm', 'wrist', 'middleMcp', ...FINGER_CHAIN.little],
};

export interface DemoStudio {
  students: Student[];
  pictures: { id: string; jpeg: Buffer }[];
  checks: { id: string; input: CheckInput }[];
  log: LogEntry[];
  groups: Group[];
  walks: Walk[];
}

/**
 * The invented studio with half a year of looks, counted back from a day. The same day gives the same studio, ids included.
 *
 * @param pictureDir the folder of the rendered pictures and their truth files
 * @param zone the studio's time zone
 */
export function demoStudio(pictureDir: string, today: Date, zone: string): DemoStudio {
  const parts = { pictureDir, today, normal: seededNormal(7), nextId: idsFrom(today) };
  const studio: DemoStudio = {
    students: [],
    pictures: [],
    checks: [],
    log: [],
    groups: [],
    walks: [],
  };
  const all = [...DEMO_VIOLINS, ...DEMO_VIOLIN_STORIES, ...DEMO_LOW_STRINGS];
  for (const [seed, { about, lesson, setups }] of all.entries()) {
    const student: Student = {
      id: parts.nextId(),
      ...about,
      lesson: lesson && { timeZone: zone, ...lesson },
      setups: setups.map(({ setup }) => ({ id: parts.nextId(), ...setup })),
    };
    studio.students.push(student);
    for (const [i, told] of setups.entries()) {
      const setup = student.setups[i]!;
      const course = courseChecks(student, setup, told, { today, nextId: parts.nextId, seed });
      const looks = told.looks.map((look) => toldCheck(student, setup, look, parts, studio));
      studio.checks.push(...course, ...looks);
      for (const entry of told.log ?? []) {
        const of = entry.look ?? null;
        const check =
          of === null ? undefined : of < 0 ? course.at(Math.max(of, -course.length)) : looks[of];
        const about = { studentId: student.id, setupId: setup.id, checkId: check?.id };
        studio.log.push(entryOf(entry, about, today, parts.nextId));
      }
      const practice = { today, zone, nextId: parts.nextId, normal: seededNormal(500 + seed) };
      studio.log.push(...demoPractice(told.practice ?? [], student, setup.id, practice));
    }
  }
  const { students, group, walks } = demoGroup(today, zone, {
    nextId: parts.nextId,
    random: seededUniform(905),
  });
  studio.students.push(...students);
  studio.groups.push(group);
  studio.walks.push(...walks);
  return studio;
}

type DemoSetup = DemoStudent['setups'][number];
type DemoCheck = DemoStudio['checks'][number];

/** Weekly looks drawn from the student's model, before those that are told by themselves. */
function courseChecks(
  student: Student,
  setup: Student['setups'][number],
  { course, looks }: DemoSetup,
  { today, nextId, seed }: { today: Date; nextId: () => string; seed: number },
): DemoCheck[] {
  if (!course) return [];
  // On whatever weekday the lesson is, what is told by itself comes after them.
  const until = Math.max(0, ...looks.map(({ daysAgo }) => daysAgo + 1));
  return courseLooks(course, seededNormal(100 + seed)).map(
    ({ weeksBefore, context, taps, holdId = setup.holdId }) => {
      const takenAt = lessonBefore(student, today, until + 7 * (weeksBefore - 1), context);
      const then = holdId === setup.holdId ? setup : { ...setup, holdId, settings: {} };
      const look = { context, taps };
      return { id: nextId(), input: checkOf(student, then, look, { takenAt, captures: [] }) };
    },
  );
}

/** A look that is told by itself, with its pictures. */
function toldCheck(
  student: Student,
  setup: Student['setups'][number],
  look: DemoLook,
  { pictureDir, today, normal, nextId }: DemoParts,
  studio: DemoStudio,
): DemoCheck {
  const id = nextId();
  const captures = look.pictures.map(({ grip, view }) => {
    const pictureId = nextId();
    const name = join(pictureDir, `${grip}.${view}`);
    studio.pictures.push({ id: pictureId, jpeg: readFileSync(`${name}.jpg`) });
    const truth = JSON.parse(readFileSync(`${name}.json`, 'utf8')) as RenderedTruth;
    const points = look.wholeHand ? visible(truth) : (SEEN[view] ?? []);
    return { id: nextId(), pictureId, place: null, ...marked(truth, points, normal) };
  });
  const takenAt = lessonTime(today, look);
  return { id, input: checkOf(student, setup, look, { takenAt, captures }) };
}

interface DemoParts {
  pictureDir: string;
  today: Date;
  normal: () => number;
  nextId: () => string;
}

/** An entry of the log, with its days counted from today. */
function entryOf(
  { daysAgo, entry }: DemoEntry,
  { checkId, ...about }: { studentId: string; setupId: string; checkId?: string | undefined },
  today: Date,
  nextId: () => string,
): LogEntry {
  const dated = Object.entries(entry).map(([key, value]) => [key, dateIn(value, today)]);
  return logEntrySchema.parse({
    ...Object.fromEntries(dated),
    ...(checkId === undefined ? {} : { checkId }),
    ...about,
    id: nextId(),
    madeAt: lessonTime(today, { daysAgo }),
  });
}

/** `{ inDays: n }` as a date, anything else as it is. */
function dateIn(value: unknown, today: Date): unknown {
  if (typeof value !== 'object' || value === null || !('inDays' in value)) return value;
  const time = new Date(today);
  time.setUTCDate(time.getUTCDate() + Number(value.inDays));
  return time.toISOString().slice(0, 10);
}

const checkOf = (
  student: Student,
  setup: Student['setups'][number],
  { context, taps = [], readiness = [] }: Pick<DemoLook, 'context' | 'taps' | 'readiness'>,
  more: Pick<CheckInput, 'takenAt' | 'captures'>,
): CheckInput => ({
  studentId: student.id,
  setupId: setup.id,
  context,
  grip: gripOf(student, setup, holdById(setup.holdId), null),
  taps: [...taps],
  signs: {},
  readiness: [...readiness],
  ...more,
});

/** The picture's points as a teacher's finger would set them. */
function marked(truth: PictureTruth, names: readonly PointName[], normal: () => number): Capture {
  const points: Capture['points'] = {};
  for (const name of names) {
    const [x, y] = truth.points2d[name];
    const place = (at: number) => Math.round((at + MARK_SD_PX * normal()) * 10) / 10;
    points[name] = { x: place(x), y: place(y), sigma: MARK_SD_PX };
  }
  const { view, side, image, frogLengthMm } = truth;
  return {
    view,
    side,
    image,
    points,
    frogLength: { mm: frogLengthMm, sdMm: MEASURED_FROG_SD_MM },
  };
}

/** Everything of bow, hand and forearm that a picture shows. */
function visible({ points2d, hidden, image }: RenderedTruth): PointName[] {
  return [...STICK, 'forearm' as const, ...HAND_POINTS].filter((name) => {
    const [x, y] = points2d[name];
    const isInside = x > 0 && y > 0 && x < image.width && y < image.height;
    return isInside && !hidden.some((other) => other === name);
  });
}

/** Minutes from the start of a lesson to the look at its end. */
const LOOK_AT_THE_END_MIN = 27;

/** The student's last lesson at least so many days ago, by the clock on the student's wall. */
function lessonBefore(
  { lesson }: Student,
  today: Date,
  daysAgo: number,
  context: DemoLook['context'],
): string {
  if (!lesson) return lessonTime(today, { daysAgo });
  const day = calendarDay(today, lesson.timeZone) - Math.max(1, daysAgo);
  const sinceLesson = (((day - lessonDayOf(lesson.day)) % 7) + 7) % 7;
  const begins = lessonOn(lesson, day - sinceLesson);
  const minutes = context === 'playing-end' ? LOOK_AT_THE_END_MIN : 2;
  return new Date(begins.getTime() + minutes * 60_000).toISOString();
}

/** Lessons are in the afternoon. */
function lessonTime(today: Date, { daysAgo }: Pick<DemoLook, 'daysAgo'>): string {
  const time = new Date(today);
  time.setUTCDate(time.getUTCDate() - daysAgo);
  time.setUTCHours(15, 30, 0, 0);
  return time.toISOString();
}

function idsFrom(today: Date): () => string {
  const msecs = Date.UTC(today.getUTCFullYear(), today.getUTCMonth(), today.getUTCDate());
  let seq = 0;
  return () => uuidv7({ msecs, seq: (seq += 1), random: new Uint8Array(16).fill(7) });
}
