import { v7 as uuidv7 } from 'uuid';
import { HEADERS } from '@open-palm/contract';
import { BUILD, type Answer, type TestStudio } from '../../testing/testStudio';

/** A request that changes something and has no id of its own. */
export const post = (studio: TestStudio, path: string, body: object = {}): Promise<Answer> =>
  studio.ask(path, {
    method: 'POST',
    headers: { Origin: studio.url, 'Content-Type': 'application/json', [HEADERS.build]: BUILD },
    body: JSON.stringify(body),
  });

/** Takes something away; returns the id under which it lies in the bin. */
export async function takenAway(studio: TestStudio, kind: string, ofId: string): Promise<string> {
  const id = uuidv7();
  const { status, body } = await studio.put(`/api/bin/${id}`, { kind, ofId });
  if (status !== 200) throw new Error(`${status} ${JSON.stringify(body)}`);
  return id;
}

/** What erasing by the clock needs. */
export const binPartsOf = (studio: TestStudio) => ({
  ...studio,
  dataDir: studio.folder,
  now: () => studio.clock.now,
  onStudentErased: () => undefined,
});
