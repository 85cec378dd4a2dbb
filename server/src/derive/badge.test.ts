import { v7 as uuidv7 } from 'uuid';
import { studentListSchema } from '@open-palm/contract';
import { up } from '../../migrations/20261130120000_badges';
import { exampleCheck, studentWithPicture, type ExampleIds } from '../testing/examples';
import { openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeEach(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterEach(() => studio.close());

const badge = async () => {
  await studio.deriver.allSettled();
  const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
  return students.find(({ student }) => student.id === ids.studentId)!.badge;
};

describe('the small portrait of a list', () => {
  it('is dashed before the first look, and drawn from what was seen after it', async () => {
    const before = await badge();
    expect(before!.isUnseen).toBe(true);
    await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
    const after = await badge();
    expect(after!.isUnseen).toBe(false);
    expect(after!.drawing.hand.outline).toMatch(/^M/);
    expect(after!.drawing.hand.outline).not.toBe(before!.drawing.hand.outline);
  });

  it('is missing where the version before left none, and drawn once the studio has moved on', async () => {
    await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
    const drawn = await badge();
    await studio.db.raw(`update tracks set seen_json = json_remove(seen_json, '$.badge')`);
    expect(await badge()).toBeNull();
    await up(studio.db);
    await studio.deriver.resume();
    expect(await badge()).toEqual(drawn);
  });

  it('that cannot be read is left out, and the student is not', async () => {
    await badge();
    await studio.db.raw(`update tracks set seen_json = json_set(seen_json, '$.badge', 'broken')`);
    expect(await badge()).toBeNull();
  });
});
