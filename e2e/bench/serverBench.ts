import { readFileSync } from 'node:fs';
import { v7 as uuidv7 } from 'uuid';
import { demoPicture, FINGER_SIDE_ORDER } from '../support/lookAtHold';
import type { RunningStudio } from '../support/studio';

const CHECKS = 200;
const READS = 300;

/** Fills one student's hand file with 200 checks, then reads it again and again. */
export async function serverFigures(
  studio: RunningStudio,
): Promise<{ readMs: number[]; saveMs: number[]; memoryMb: number }> {
  const put = async (path: string, body: BodyInit, type = 'application/json') => {
    const response = await fetch(studio.url + path, {
      method: 'PUT',
      body,
      headers: { 'Content-Type': type, 'Open-Palm-Build': 'bench' },
    });
    if (!response.ok) throw new Error(await response.text());
  };
  const picture = demoPicture('settled.finger-side');
  const [studentId, setupId, pictureId] = [uuidv7(), uuidv7(), uuidv7()];
  const student = {
    name: 'Bench Mark',
    side: 'right',
    birthYear: null,
    middleFingerMm: null,
    skinTone: 'clay',
    level: 'intermediate',
    setups: [
      {
        id: setupId,
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
  const grip = {
    holdId: 'violin-shallow',
    holdVersion: 2,
    settings: {},
    bowSize: '4/4',
    middleFinger: { mm: 100, sdMm: 8 },
    relaxedHandId: null,
  };
  await put(`/api/students/${studentId}`, JSON.stringify(student));
  await put(`/api/pictures/${pictureId}`, readFileSync(picture.file) as BodyInit, 'image/jpeg');
  const points = Object.fromEntries(
    FINGER_SIDE_ORDER.map((name) => {
      const [x, y] = picture.points2d[name]!;
      return [name, { x, y, sigma: 4 }];
    }),
  );
  const saveMs: number[] = [];
  for (let i = 0; i < CHECKS; i += 1) {
    const capture = {
      id: uuidv7(),
      pictureId,
      view: 'finger-side',
      side: 'right',
      place: null,
      image: picture.image,
      points,
      frogLength: { mm: 46, sdMm: 0.5 },
    };
    const check = {
      studentId,
      setupId,
      takenAt: new Date(Date.UTC(2025, 0, 1 + i)).toISOString(),
      context: 'free',
      grip,
      captures: [capture],
      taps: [],
    };
    const started = performance.now();
    await put(`/api/checks/${uuidv7()}`, JSON.stringify(check));
    saveMs.push(performance.now() - started);
  }
  const readMs: number[] = [];
  for (let i = 0; i < READS; i += 1) {
    const started = performance.now();
    const response = await fetch(`${studio.url}/api/students/${studentId}`);
    const handFile = (await response.json()) as { history: unknown[] };
    readMs.push(performance.now() - started);
    if (handFile.history.length !== CHECKS) throw new Error('The hand file is not whole.');
  }
  return { readMs, saveMs, memoryMb: residentMb(studio.process.pid!) };
}

/** Memory that the process really holds, MB. */
function residentMb(pid: number): number {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Number(/VmRSS:\s+(\d+)/.exec(status)![1]) / 1024;
}
