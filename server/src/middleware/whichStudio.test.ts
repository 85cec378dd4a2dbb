import { HEADERS } from '@open-palm/contract';
import { v7 as uuidv7 } from 'uuid';
import { studioId } from '../studio/identity';
import { freshStudent } from '../testing/examples';
import { openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
beforeEach(async () => (studio = await openTestStudio()));
afterEach(() => studio.close());

it('says on every answer which studio gives it, always the same', async () => {
  const id = await studioId(studio.db);
  for (const path of ['/api/students', '/api/students/nobody', '/']) {
    expect((await studio.get(path)).headers.get(HEADERS.studio)).toBe(id);
  }
  expect(await studioId(studio.db)).toBe(id);
});

it('does not take what was made for another studio, and takes what was made for this one or before it was known', async () => {
  const id = await studioId(studio.db);
  const put = (headers: Record<string, string>) => {
    const studentId = uuidv7();
    return studio.put(`/api/students/${studentId}`, freshStudent(), {
      [HEADERS.edit]: uuidv7(),
      [HEADERS.basedOn]: '0',
      ...headers,
    });
  };
  const refused = await put({ [HEADERS.studio]: uuidv7() });
  expect(refused).toMatchObject({ status: 403, body: { error: { code: 'otherStudio' } } });
  expect((await studio.get('/api/students')).body).toMatchObject({ students: [] });
  expect((await put({ [HEADERS.studio]: id })).status).toBe(200);
  expect((await put({})).status).toBe(200);
});
