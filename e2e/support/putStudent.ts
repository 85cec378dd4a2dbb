import { v7 as uuidv7 } from 'uuid';
import type { RunningStudio } from './studio';

/** Writes something down as the app would. */
export async function put({ url }: RunningStudio, path: string, body: object): Promise<void> {
  const response = await fetch(url + path, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'Open-Palm-Build': 'journey', Origin: url },
    body: JSON.stringify(body),
  });
  if (!response.ok) throw new Error(await response.text());
}

/** Writes down a student of the test's own, with one instrument. */
export async function putStudent(
  studio: RunningStudio,
  { name, instrument, holdId }: { name: string; instrument: string; holdId: string },
  more: object = {},
): Promise<{ id: string; setupId: string }> {
  const [id, setupId] = [uuidv7(), uuidv7()];
  const setup = {
    id: setupId,
    instrument,
    bowSize: '4/4',
    frogLengthMm: null,
    bowMassG: null,
    bowBalanceMm: null,
    holdId,
    settings: {},
  };
  await put(studio, `/api/students/${id}`, {
    name,
    side: 'right',
    birthYear: 2010,
    middleFingerMm: null,
    skinTone: 'clay',
    level: 'intermediate',
    setups: [setup],
    ...more,
  });
  return { id, setupId };
}
