import { v7 as uuidv7 } from 'uuid';
import sharp from 'sharp';
import type { CheckInput, StudentInput } from '@open-palm/contract';
import { captureFromFile, readOpMeasureFile } from '@open-palm/contract';
import fingerSide from '../../../docs/examples/finger-side.json';

export const STUDENT: StudentInput = {
  name: 'Wilma Harrow',
  instrument: 'violin',
  holdId: 'violin-shallow',
  side: 'right',
  birthYear: 2014,
  frogLengthMm: 46,
  skinTone: 'clay',
};

/** A check of the documented example hold. */
export function exampleCheck(
  studentId: string,
  pictureId: string,
  more: Partial<CheckInput> = {},
): CheckInput {
  const capture = captureFromFile(readOpMeasureFile(fingerSide));
  return {
    studentId,
    takenAt: '2026-03-01T15:30:00.000Z',
    context: 'free',
    holdId: 'violin-shallow',
    captures: [{ id: uuidv7(), pictureId, ...capture }],
    ...more,
  };
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
}): Promise<{ studentId: string; pictureId: string }> {
  const [studentId, pictureId] = [uuidv7(), uuidv7()];
  await studio.put(`/api/students/${studentId}`, STUDENT);
  await studio.putBytes(`/api/pictures/${pictureId}`, await examplePicture());
  return { studentId, pictureId };
}
