import { readFileSync } from 'node:fs';
import { v7 as uuidv7 } from 'uuid';
import { demoPicture, FINGER_SIDE_ORDER } from '../support/lookAtHold';

const headersTo = (url: string) => ({
  'Content-Type': 'application/json',
  'Open-Palm-Build': 'bench',
  Origin: url,
});

/** A student of the bench's own, of whom looks are kept again and again. */
export interface Subject {
  studentId: string;
  setupId: string;
  pictureId: string;
}

/**
 * Keeps a look of a picture with all its points.
 *
 * @returns how long that took, ms
 */
export async function save(url: string, subject: Subject, takenAt = new Date()): Promise<number> {
  const body = JSON.stringify(lookAt(subject, takenAt));
  const from = performance.now();
  const answer = await fetch(`${url}/api/checks/${uuidv7()}`, {
    method: 'PUT',
    headers: headersTo(url),
    body,
  });
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`A look was not kept: ${answer.status}`);
  return performance.now() - from;
}

const picture = demoPicture('settled.finger-side');
const points = Object.fromEntries(
  FINGER_SIDE_ORDER.map((name) => {
    const [x, y] = picture.points2d[name]!;
    return [name, { x, y, sigma: 4 }];
  }),
);

const lookAt = ({ studentId, setupId, pictureId }: Subject, takenAt: Date) => ({
  studentId,
  setupId,
  takenAt: takenAt.toISOString(),
  context: 'free',
  grip: {
    holdId: 'violin-shallow',
    holdVersion: 2,
    settings: {},
    bowSize: '4/4',
    middleFinger: { mm: 100, sdMm: 8 },
    relaxedHandId: null,
  },
  captures: [
    {
      id: uuidv7(),
      pictureId,
      view: 'finger-side',
      side: 'right',
      place: null,
      image: picture.image,
      points,
      frogLength: { mm: 46, sdMm: 0.5 },
    },
  ],
  taps: [],
});

/** Writes down a student of the bench's own, with a picture. */
export async function makeSubject(url: string): Promise<Subject> {
  const subject = { studentId: uuidv7(), setupId: uuidv7(), pictureId: uuidv7() };
  const put = async (path: string, body: BodyInit, type: string) => {
    const headers = { ...headersTo(url), 'Content-Type': type };
    const answer = await fetch(url + path, { method: 'PUT', body, headers });
    if (!answer.ok) throw new Error(await answer.text());
  };
  const student = {
    name: 'Bench Mark',
    side: 'right',
    birthYear: null,
    middleFingerMm: null,
    skinTone: 'clay',
    level: 'intermediate',
    setups: [
      {
        id: subject.setupId,
        instrument: 'violin',
        bowSize: '4/4',
        frogLengthMm: 46,
        bowMassG: null,
        bowBalanceMm: null,
        holdId: 'violin-shallow',
        settings: {},
      },
    ],
  };
  await put(`/api/students/${subject.studentId}`, JSON.stringify(student), 'application/json');
  const bytes = readFileSync(picture.file) as BodyInit;
  await put(`/api/pictures/${subject.pictureId}`, bytes, 'image/jpeg');
  return subject;
}
