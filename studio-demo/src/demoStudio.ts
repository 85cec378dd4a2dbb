import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import {
  gripOf,
  logEntrySchema,
  type CheckInput,
  type LogEntry,
  type Student,
} from '@open-palm/contract';
import { MEASURED_FROG_SD_MM } from '@open-palm/core/bow';
import { FINGER_CHAIN, FINGERS, HAND_POINTS } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import type { Capture, PointName, View } from '@open-palm/core/measure';
import { seededNormal } from '@open-palm/core/stats';
import type { PictureTruth, RenderedTruth } from '../render/truth';
import { DEMO_STUDENTS, type DemoLook } from './demoStudents';

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
}

/**
 * The invented studio with its checks, counted back from a day. The same day gives the same studio, ids included.
 *
 * @param pictureDir the folder of the rendered pictures and their truth files
 */
export function demoStudio(pictureDir: string, today: Date): DemoStudio {
  const normal = seededNormal(7);
  const nextId = idsFrom(today);
  const studio: DemoStudio = { students: [], pictures: [], checks: [], log: [] };
  for (const { about, setups } of DEMO_STUDENTS) {
    const student: Student = {
      id: nextId(),
      ...about,
      setups: setups.map(({ setup }) => ({ id: nextId(), ...setup })),
    };
    studio.students.push(student);
    for (const [i, { looks, log = [] }] of setups.entries()) {
      const checkIds: string[] = [];
      for (const look of looks) {
        const checkId = nextId();
        checkIds.push(checkId);
        studio.checks.push({
          id: checkId,
          input: checkOf(student, student.setups[i]!, look, {
            takenAt: lessonTime(today, look),
            captures: look.pictures.map(({ grip, view }) => {
              const pictureId = nextId();
              const name = join(pictureDir, `${grip}.${view}`);
              studio.pictures.push({ id: pictureId, jpeg: readFileSync(`${name}.jpg`) });
              const truth = JSON.parse(readFileSync(`${name}.json`, 'utf8')) as RenderedTruth;
              return {
                id: nextId(),
                pictureId,
                place: null,
                ...marked(truth, look.wholeHand ? visible(truth) : (SEEN[view] ?? []), normal),
              };
            }),
          }),
        });
      }
      for (const { daysAgo, look, entry } of log) {
        studio.log.push(
          logEntrySchema.parse({
            ...entry,
            ...(look === undefined ? {} : { checkId: checkIds[look] }),
            id: nextId(),
            studentId: student.id,
            setupId: student.setups[i]!.id,
            madeAt: lessonTime(today, { daysAgo }),
          }),
        );
      }
    }
  }
  return studio;
}

const checkOf = (
  student: Student,
  setup: Student['setups'][number],
  { context, taps = [] }: DemoLook,
  more: Pick<CheckInput, 'takenAt' | 'captures'>,
): CheckInput => ({
  studentId: student.id,
  setupId: setup.id,
  context,
  grip: gripOf(student, setup, holdById(setup.holdId), null),
  taps: [...taps],
  signs: {},
  readiness: [],
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
