import { v7 as uuidv7 } from 'uuid';
import { diskTrouble } from './diskTrouble';
import { exampleCheck, examplePicture, freshStudent, studentWithPicture } from './testing/examples';
import { openTestStudio, type TestStudio } from './testing/testStudio';

let studio: TestStudio;
beforeEach(async () => (studio = await openTestStudio()));
afterEach(() => studio.close());

describe('a full disk', () => {
  it('is told in words, keeps nothing by half, and takes the same write once there is room', async () => {
    const ids = await studentWithPicture(studio);
    const [{ page_count: pages }] = await studio.db.raw('pragma page_count');
    // The database's own way to be given no more room.
    await studio.db.raw(`pragma max_page_count = ${pages}`);
    const id = uuidv7();
    const long = Array.from({ length: 60 }, () => uuidv7()).join(' ');
    const look = exampleCheck(ids);
    let answer = await studio.put(`/api/checks/${id}`, look);
    const taken: string[] = [];
    // Until what was left of the last pages is used up.
    for (let i = 0; answer.status === 200 && i < 40; i += 1) {
      taken.push(id);
      answer = await studio.put(
        `/api/students/${uuidv7()}`,
        freshStudent({ name: long.slice(0, 80) }),
      );
    }
    expect(answer.status).toBe(507);
    expect(answer.body).toMatchObject({
      error: {
        code: 'noRoom',
        message: expect.stringContaining('The disk of the studio is full.'),
      },
    });
    expect(JSON.stringify(answer.body)).not.toMatch(/SQLITE|at .*\.ts/);
    // What is there is still read.
    expect((await studio.get('/api/students')).status).toBe(200);
    const fresh = uuidv7();
    const body = freshStudent();
    expect((await studio.put(`/api/students/${fresh}`, body)).status).toBe(507);
    expect((await studio.get(`/api/students/${fresh}`)).status).toBe(404);
    await studio.db.raw('pragma max_page_count = 1000000');
    expect((await studio.put(`/api/students/${fresh}`, body)).status).toBe(200);
    expect(
      (await studio.putBytes(`/api/pictures/${uuidv7()}`, await examplePicture())).status,
    ).toBe(200);
  });

  it('is known by what files and the database say of it', () => {
    const coded = (code: string) => Object.assign(new Error(code), { code });
    expect(diskTrouble(coded('ENOSPC'))).toBe('full');
    expect(diskTrouble(coded('SQLITE_FULL'))).toBe('full');
    expect(diskTrouble(coded('EROFS'))).toBe('readOnly');
    expect(diskTrouble(coded('SQLITE_READONLY_DBMOVED'))).toBe('readOnly');
    expect(diskTrouble(coded('SQLITE_BUSY'))).toBeNull();
    expect(diskTrouble(null)).toBeNull();
  });
});
