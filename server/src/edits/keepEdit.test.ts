import { v7 as uuidv7 } from 'uuid';
import { HEADERS, reportSchema, studentListSchema } from '@open-palm/contract';
import { holdById, type Hold } from '@open-palm/core/holds';
import { exampleCheck, freshStudent, studentWithPicture } from '../testing/examples';
import { openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

const aStudent = async () => {
  const id = uuidv7();
  const body = freshStudent();
  await studio.edit(`/api/students/${id}`, body, 0);
  const edit = (more: object, basedOn: number, editId?: string, after: readonly string[] = []) =>
    studio.put(
      `/api/students/${id}`,
      { ...body, ...more },
      {
        [HEADERS.edit]: editId ?? uuidv7(),
        [HEADERS.basedOn]: String(basedOn),
        ...(after.length > 0 ? { [HEADERS.after]: after.join() } : {}),
      },
    );
  const now = async () => {
    const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
    return students.find(({ student }) => student.id === id)!.student;
  };
  return { id, edit, now };
};

describe('an edit of what changes', () => {
  it('whose answer was lost is known again and is no conflict', async () => {
    const { edit, now } = await aStudent();
    const id = uuidv7();
    const first = await edit({ birthYear: 2010 }, 1, id);
    expect((await edit({ birthYear: 2010 }, 1, id)).body).toEqual(first.body);
    expect(await now()).toMatchObject({ birthYear: 2010, version: 2 });
  });

  it('comes together with another one of other fields, whichever came first', async () => {
    const { edit, now } = await aStudent();
    await edit({ birthYear: 2010 }, 1);
    expect((await edit({ level: 'advanced' }, 1)).status).toBe(200);
    expect(await now()).toMatchObject({ birthYear: 2010, level: 'advanced', version: 3 });
  });

  it('of the same field is shown beside the other, and nothing is overwritten', async () => {
    const { edit, now } = await aStudent();
    await edit({ birthYear: 2010, level: 'advanced' }, 1);
    const answer = await edit({ birthYear: 2011, side: 'left' }, 1);
    expect(answer).toMatchObject({
      status: 409,
      body: {
        error: { code: 'edited' },
        // What both make together, the studio's own in what is to be chosen.
        conflict: {
          version: 2,
          fields: [['birthYear']],
          theirs: { birthYear: 2010, level: 'advanced', side: 'left' },
        },
      },
    });
    expect(await now()).toMatchObject({ birthYear: 2010, side: 'right', version: 2 });
    // The choice is based on what stands there.
    expect((await edit({ birthYear: 2011, level: 'advanced', side: 'left' }, 2)).status).toBe(200);
  });

  it('that goes on from one whose answer was lost is not in conflict with it, and undoes nothing of others', async () => {
    const { edit, now } = await aStudent();
    await edit({ level: 'advanced' }, 1);
    const lost = uuidv7();
    await edit({ birthYear: 2010 }, 1, lost);
    // The device knows nothing of the level that was changed elsewhere.
    expect((await edit({ birthYear: 2012 }, 1, uuidv7(), [lost])).status).toBe(200);
    expect(await now()).toMatchObject({ birthYear: 2012, level: 'advanced', version: 4 });
  });

  it('that names nothing only adds: what is there is not overwritten unseen', async () => {
    const { id, now } = await aStudent();
    const answer = await studio.put(`/api/students/${id}`, { ...freshStudent(), name: 'Another' });
    expect(answer.status).toBe(409);
    expect((await now()).name).toBe('Wilma Harrow');
  });

  it('of a student who is another’s edit is refused', async () => {
    const { edit } = await aStudent();
    const other = await aStudent();
    const id = uuidv7();
    await edit({ birthYear: 2010 }, 1, id);
    expect((await other.edit({ birthYear: 2010 }, 1, id)).status).toBe(409);
  });

  it('named by half is refused with its header', async () => {
    const { id } = await aStudent();
    const at = `/api/students/${id}`;
    const halves: Record<string, string>[] = [
      { [HEADERS.edit]: uuidv7() },
      { [HEADERS.basedOn]: '1' },
      { [HEADERS.edit]: 'x', [HEADERS.basedOn]: '1' },
    ];
    for (const headers of halves) {
      expect((await studio.put(at, freshStudent(), headers)).status).toBe(400);
    }
  });
});

describe('a letter', () => {
  it('does not go back to older words that come late', async () => {
    const checkId = uuidv7();
    await studio.put(`/api/checks/${checkId}`, exampleCheck(await studentWithPicture(studio)));
    const at = `/api/letters/${checkId}`;
    const words = (opening: string) => ({
      title: 'Your bow hand',
      opening,
      points: ['Bend the thumb.'],
      closing: '',
      caution: '',
      captions: [],
    });
    const older = uuidv7();
    await studio.edit(at, words('First'), 0, older);
    await studio.edit(at, words('Second'), 1);
    // The first edit once more, and an old one that was based on it.
    await studio.edit(at, words('First'), 0, older);
    const late = await studio.edit(at, words('Late'), 1);
    expect(late.status).toBe(409);
    const kept = reportSchema.parse((await studio.get(at)).body);
    expect([kept.opening, kept.version]).toEqual(['Second', 2]);
  });
});

describe('an own hold', () => {
  const hold = (id: string, version: number, checkpoints: object): Hold => ({
    ...holdById('violin-shallow'),
    id,
    version,
    own: { basedOn: 'violin-shallow', name: 'Ours' },
    checkpoints: { ...holdById('violin-shallow').checkpoints, ...checkpoints },
  });
  const band = (lo: number, hi: number) => ({ band: { lo, hi }, standing: 'own' as const });

  it('that was changed in two places has both changes, or asks where both moved the same band', async () => {
    const id = uuidv7();
    const put = (version: number, more: object) =>
      studio.edit(`/api/holds/${id}`, hold(id, version, more), version - 1);
    await put(1, {});
    await put(2, { indexDepth: band(1, 1.8) });
    const together = await put(2, { thumbPlace: band(-3, 7) });
    expect(together.body).toMatchObject({
      version: 3,
      checkpoints: { indexDepth: band(1, 1.8), thumbPlace: band(-3, 7) },
    });
    const asks = await put(2, { indexDepth: band(1.2, 1.9) });
    expect(asks).toMatchObject({ status: 409, body: { conflict: { version: 3 } } });
  });
});
