import { join } from 'node:path';
import { studentListSchema } from '@open-palm/contract';
import { demoStudio } from '@open-palm/studio-demo';
import { seedDemo } from './seedDemo';
import { NOW, openTestStudio, ZONE, type TestStudio } from './testing/testStudio';

const PICTURES = join(__dirname, '../../studio-demo/pictures');
let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

// Filling the studio fits hands to pictures, which takes its time beside other tests.
jest.setTimeout(30_000);

describe('the demo studio', () => {
  it('is the same every time for the same day', () => {
    const brief = () => JSON.stringify(demoStudio(PICTURES, NOW).checks);
    expect(brief()).toBe(brief());
  });

  it('shows its four stories in the verdicts, and one student without data', async () => {
    await seedDemo({ db: studio.db, pictureDir: studio.pictureDir, now: () => NOW, zone: ZONE }, PICTURES);
    const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
    const verdicts = new Map(students.map((item) => [item.student.name, item.verdicts]));
    expect(verdicts.get('Tobin Wrenfield')).toMatchObject({ thumbIpFlexion: 'low' });
    expect(verdicts.get('Noor Castellane')).toMatchObject({ littlePlace: 'low' });
    expect(verdicts.get('Edda Marlowe-Quist')).toMatchObject({ indexDepth: 'high' });

    const settled = students.find((item) => item.student.name === 'Ines Halvorn')!;
    expect(settled.standings).toEqual({ thumb: 'in', fingers: 'in', little: 'in', wrist: 'in' });
    const fresh = students.find((item) => item.student.name === 'Osric Tidewell')!;
    expect(fresh.lastCheckAt).toBeNull();
  });

  it('leaves a studio alone that has students', async () => {
    const parts = { db: studio.db, pictureDir: studio.pictureDir, now: () => NOW, zone: ZONE };
    expect(await seedDemo(parts, PICTURES)).toBe(0);
  });
});
