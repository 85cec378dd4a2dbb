import { groupListSchema, HEADERS, studentListSchema } from '@open-palm/contract';
import { importPreviewSchema, type ImportPreview } from '@open-palm/contract/exchange';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
beforeEach(async () => (studio = await openTestStudio()));
afterEach(() => studio.close());

const post = async (path: string, body: string): Promise<ImportPreview> => {
  const headers = {
    'Content-Type': 'application/octet-stream',
    [HEADERS.build]: BUILD,
    Origin: studio.url,
  };
  const answer = await studio.ask(path, { method: 'POST', headers, body });
  return importPreviewSchema.parse(answer.body);
};
const preview = (text: string) => post('/api/import/preview', text);
const take = async (text: string) => post(`/api/import/${(await preview(text)).sha256}`, text);
const download = async (name: string) => (await fetch(`${studio.url}/api/export/${name}`)).text();
const students = async () =>
  studentListSchema.parse((await studio.get('/api/students')).body).students;

describe('a roster with groups and seats', () => {
  const HEAD = 'name,instrument,group,seat\n';
  const groups = async () =>
    groupListSchema.parse((await studio.get('/api/groups')).body).groups.map(({ group }) => group);

  it('makes the groups that it names and seats who is in them; twice changes nothing', async () => {
    const roster = `${HEAD}Ada,violin,Wednesday strings; Quartet,1/1; 1/2\nBen,viola,wednesday strings,2/3\nCora,cello,,\n`;
    expect((await preview(roster)).added).toMatchObject({ students: 3, groups: 2 });
    expect((await take(roster)).done).toBe(true);
    const [quartet, strings] = await groups();
    expect([quartet!.name, strings!.name]).toEqual(['Quartet', 'Wednesday strings']);
    const seats = Object.values(strings!.members).map(({ seat }) => seat);
    expect(seats).toEqual(
      expect.arrayContaining([
        { row: 0, place: 0 },
        { row: 1, place: 2 },
      ]),
    );
    expect(Object.values(quartet!.members)).toEqual([
      { setupId: expect.any(String), seat: { row: 0, place: 1 } },
    ]);
    const again = await preview(roster);
    expect([again.added.students, again.added.groups]).toEqual([0, 0]);
    // What is written out is read back as it was.
    const table = await download('students.csv');
    expect(table).toContain('Quartet; Wednesday strings,1/2; 1/1');
    expect((await preview(table)).added).toMatchObject({ students: 0, groups: 0 });
  });

  it('adds to a group that is there, and leaves who is in it already', async () => {
    await take(`${HEAD}Ada,violin,Strings,1/1\n`);
    await take(`${HEAD}Ben,viola,Strings,\nAda,violin,,\n`);
    const [strings] = await groups();
    expect(Object.values(strings!.members).map(({ seat }) => seat)).toEqual(
      expect.arrayContaining([{ row: 0, place: 0 }, null]),
    );
  });

  it.each([
    ['two on one seat', 'Ada,violin,Strings,1/1\nBen,viola,Strings,1/1', 3, 'seat', 'seatTaken'],
    ['a seat of another form', 'Ada,violin,Strings,front', 2, 'seat', 'wrongForm'],
    ['a seat that counts from nought', 'Ada,violin,Strings,0/1', 2, 'seat', 'wrongForm'],
  ])('refuses %s, saying where, and changes nothing', async (_what, rows, row, column, code) => {
    const { issues, issueCount } = await take(`${HEAD}${rows}\n`);
    expect(issueCount).toBe(1);
    expect(issues[0]).toMatchObject({ row, column, problem: { code } });
    expect([await groups(), await students()]).toEqual([[], []]);
  });
});
