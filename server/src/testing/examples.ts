import { v7 as uuidv7 } from 'uuid';
import sharp from 'sharp';
import {
  capturesFromFile,
  readOpMeasureFile,
  type CheckInput,
  type Grip,
  type StudentInput,
} from '@open-palm/contract';
import fingerSide from '../../../docs/examples/finger-side.json';

export const STUDENT: StudentInput = {
  name: 'Wilma Harrow',
  side: 'right',
  birthYear: 2014,
  middleFingerMm: null,
  skinTone: 'clay',
  level: 'intermediate',
  lesson: null,
  photos: 'allowed',
  bands: 'on',
  audits: false,
  setups: [
    {
      id: uuidv7(),
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

/** The example student with a setup of its own: each belongs to one student only. */
export const freshStudent = (more: Partial<StudentInput> = {}): StudentInput => ({
  ...STUDENT,
  setups: STUDENT.setups.map((setup) => ({ ...setup, id: uuidv7() })),
  ...more,
});

/** By what the example check is judged. */
export const GRIP: Grip = {
  holdId: 'violin-shallow',
  holdVersion: 2,
  settings: {},
  bowSize: '4/4',
  middleFinger: { mm: 100, sdMm: 8 },
  relaxedHandId: null,
};

/** A check of the documented example hold. */
export function exampleCheck(
  { studentId, setupId, pictureId }: ExampleIds,
  more: Partial<CheckInput> = {},
): CheckInput {
  const [capture] = capturesFromFile(readOpMeasureFile(fingerSide));
  return {
    studentId,
    setupId,
    takenAt: '2026-03-01T15:30:00.000Z',
    context: 'free',
    grip: GRIP,
    captures: [{ id: uuidv7(), pictureId, place: null, ...capture! }] as CheckInput['captures'],
    taps: [],
    signs: {},
    readiness: [],
    ...more,
  };
}

export interface ExampleIds {
  studentId: string;
  setupId: string;
  pictureId: string;
}

/** A small real picture, with a place and a turn written into its metadata. */
export const examplePicture = (width = 60, height = 40): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: '#7a3e1d' } })
    .withExif({ IFD0: { Make: 'Testcam' }, IFD3: { GPSLatitudeRef: 'N' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

/** A student and a kept picture, ready for checks. */
export async function studentWithPicture(studio: {
  put(path: string, body: unknown): Promise<unknown>;
  putBytes(path: string, bytes: Uint8Array): Promise<unknown>;
}): Promise<ExampleIds> {
  const [studentId, pictureId] = [uuidv7(), uuidv7()];
  const student = freshStudent();
  await studio.put(`/api/students/${studentId}`, student);
  await studio.putBytes(`/api/pictures/${pictureId}`, await examplePicture());
  return { studentId, setupId: student.setups[0]!.id, pictureId };
}

/** A note of a lesson: something agreed. */
export const exampleNote = (
  { studentId, setupId }: Pick<ExampleIds, 'studentId' | 'setupId'>,
  more: object = {},
) => ({
  id: uuidv7(),
  studentId,
  setupId,
  madeAt: '2026-03-01T15:31:00Z',
  kind: 'promise',
  words: 'Shorter nails',
  due: '2026-03-09',
  ...more,
});
