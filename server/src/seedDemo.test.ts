import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import {
  groupListSchema,
  handFileSchema,
  studentListSchema,
  type StudentListItem,
} from '@open-palm/contract';
import { demoStudio } from '@open-palm/studio-demo';
import { seedDemo, type InventStudio } from './seedDemo';
import { freshStudent } from './testing/examples';
import { NOW, openTestStudio, ZONE, type TestStudio } from './testing/testStudio';

const PICTURES = join(__dirname, '../../studio-demo/pictures');
const invent: InventStudio = (today, zone) => demoStudio(PICTURES, today, zone);
let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
const parts = () => ({ ...studio, now: () => NOW, zone: () => ZONE });
afterAll(() => studio.close());

// Filling the studio fits hands to pictures, which takes its time beside other tests.
jest.setTimeout(30_000);

/** How the newest value of each measure stands in a student's hand file. */
async function verdictsOf(students: readonly StudentListItem[], name: string) {
  const { student } = students.find((item) => item.student.name === name)!;
  const { body } = await studio.get(`/api/students/${student.id}`);
  return Object.fromEntries(
    handFileSchema
      .parse(body)
      .lastSeen.map(({ latest: { merged } }) => [merged.measure.id, merged.measure.verdict]),
  );
}

// Half a year of 36 students is derived: a machine of which others take half is slow, not wrong.
jest.setTimeout(180_000);

describe('the demo studio', () => {
  it('is the same every time for the same day', () => {
    const brief = () => JSON.stringify(demoStudio(PICTURES, NOW, ZONE).checks);
    expect(brief()).toBe(brief());
  });

  it('shows its four stories in the verdicts, and one student without data', async () => {
    expect(await seedDemo(parts(), invent)).toBeGreaterThan(200);
    await studio.deriver.allSettled();
    const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
    expect(await verdictsOf(students, 'Tobin Wrenfield')).toMatchObject({ thumbIpFlexion: 'low' });
    expect(await verdictsOf(students, 'Noor Castellane')).toMatchObject({ littlePlace: 'low' });
    expect(await verdictsOf(students, 'Edda Marlowe-Quist')).toMatchObject({ indexDepth: 'high' });

    const settled = students.find((item) => item.student.name === 'Ines Halvorn')!;
    expect(settled.standings).toEqual({ thumb: 'in', fingers: 'in', little: 'in', wrist: 'in' });
    const fresh = students.find((item) => item.student.name === 'Osric Tidewell')!;
    expect(fresh.lastCheckAt).toBeNull();
  });

  it('has fourteen students with half a year of looks beside its school group, and the stories of tracking in them', async () => {
    const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
    const [group] = groupListSchema.parse((await studio.get('/api/groups')).body).groups;
    const players = Object.keys(group!.group.members);
    expect([students.length, players.length]).toEqual([36, 22]);
    const of = (name: string) => students.find((item) => item.student.name === name)!;
    // Settled for months, and sinking: told as drift before it is out.
    const sinking = of('Marit Solvane');
    expect(sinking.tracks[0]!.drifts.map(({ series }) => series)).toEqual(['fingers']);
    expect(await verdictsOf(students, 'Marit Solvane')).not.toMatchObject({ indexDepth: 'high' });
    // Another school is a new beginning and no drift.
    const changed = of('Bram Osterlind');
    expect(changed.tracks[0]!.drifts).toEqual([]);
    expect(changed.open.map(({ kind }) => kind)).toEqual(['promise']);
    expect(of('Dagny Fellhaven').open.map(({ kind }) => kind)).toEqual(['hurt']);
    // Nothing is judged where bands do not fit the hand.
    expect(Object.values(of('Pia Lindqvale').standings)).not.toContain('out');
    expect(of('Anselm Dorrick').student.photos).toBe('withheld');
    expect(of('Linnea Korfus').student.side).toBe('left');
    const audited = of('Jorun Hallmere');
    expect(audited.tracks[0]).toMatchObject({ settled: true, drifts: [] });
    expect(audited.student.lesson!.timeZone).toBe('America/Halifax');
    // Nobody but the one raises drift.
    const drifting = students.filter(({ tracks }) =>
      tracks.some(({ drifts }) => drifts.length > 0),
    );
    expect(drifting.map(({ student }) => student.name)).toEqual(['Marit Solvane']);
  });

  it('leaves a studio alone that has students', async () => {
    expect(await seedDemo(parts(), invent)).toBe(0);
  });

  it('is filled in one go or not at all: a filling that broke off begins again', async () => {
    const other = await openTestStudio();
    const into = { ...other, now: () => NOW, zone: () => ZONE };
    await other.db.raw(
      `create trigger breaks before insert on log_entries begin select raise(abort, 'broken off'); end`,
    );
    await expect(seedDemo(into, invent)).rejects.toMatchObject({
      message: expect.stringContaining('broken off'),
    });
    expect(await other.db('students').pluck('id')).toEqual([]);
    expect(await other.db('checks').pluck('id')).toEqual([]);
    await other.db.raw('drop trigger breaks');
    expect(await seedDemo(into, invent)).toBeGreaterThan(200);
    await other.close();
  });

  it('never comes beside what is somebody’s own: a student, a hold, or pictures whose database is gone', async () => {
    const [withStudent, withPictures] = [await openTestStudio(), await openTestStudio()];
    await withStudent.put(`/api/students/${uuidv7()}`, freshStudent());
    mkdirSync(withPictures.pictureDir, { recursive: true });
    writeFileSync(join(withPictures.pictureDir, 'child.jpg'), 'a photograph');
    for (const other of [withStudent, withPictures]) {
      expect(await seedDemo({ ...other, now: () => NOW, zone: () => ZONE }, invent)).toBe(0);
      await other.close();
    }
  });
});
