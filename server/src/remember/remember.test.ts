import { rememberSchema, type Remember } from '@open-palm/contract';
import { post, takenAway } from '../erase/testing/asking';
import { groupOfThree } from '../testing/groupOfThree';
import { openTestStudio, type TestStudio } from '../testing/testStudio';
import { changedSince } from './changedSince';

let studio: TestStudio;
let three: Awaited<ReturnType<typeof groupOfThree>>;
beforeEach(async () => {
  studio = await openTestStudio();
  three = await groupOfThree(studio);
  await studio.put(`/api/groups/${three.groupId}`, three.group());
});
afterEach(() => studio.close());

const told = async (known: Record<string, string>): Promise<Remember> => {
  const { status, body } = await post(studio, '/api/remember', { known });
  expect(status).toBe(200);
  return rememberSchema.parse(body);
};
const versionsOf = ({ answers }: Remember): Record<string, string> =>
  Object.fromEntries(answers.flatMap(({ paths, version }) => paths.map((path) => [path, version])));
const pathsOf = ({ answers }: Remember) => answers.flatMap(({ paths }) => paths).sort();
const fileOf = (n: number) => {
  const { studentId, setupId } = three.players[n]!;
  return [`/api/students/${studentId}`, `/api/students/${studentId}?setup=${setupId}`];
};
const groupPath = () => `/api/groups/${three.groupId}`;

describe('what a device remembers of the studio', () => {
  it('is every group and hand file, each once, as it is answered elsewhere', async () => {
    const all = await told({});
    expect([all.more, all.gone, all.answers.length]).toEqual([false, [], 4]);
    expect(pathsOf(all)).toEqual([groupPath(), ...[0, 1, 2].flatMap(fileOf)].sort());
    for (const { paths, body } of all.answers) {
      for (const path of paths) expect(JSON.parse(body)).toEqual((await studio.get(path)).body);
    }
  });

  it('is told once, and of what changed since only that', async () => {
    const known = versionsOf(await told({}));
    expect(await told(known)).toEqual({ answers: [], gone: [], more: false });
    const [, ben] = three.players;
    await studio.edit(`/api/students/${ben!.studentId}`, { ...ben!.body, name: 'Bo' }, 1);
    expect(pathsOf(await told(known))).toEqual(fileOf(1).sort());
    // Whoever knows one of its two paths is told of both.
    const { [fileOf(0)[1]!]: _, ...rest } = known;
    expect(pathsOf(await told(rest))).toEqual([...fileOf(0), ...fileOf(1)].sort());
  });

  it('goes with who was taken away, and stays while something is worked out anew', async () => {
    const known = { ...versionsOf(await told({})), '/api/students/nobody': 'x' };
    await takenAway(studio, 'student', three.players[2]!.studentId);
    const later = await told(known);
    expect(later.gone.sort()).toEqual([...fileOf(2), '/api/students/nobody'].sort());
    expect(pathsOf(later)).toEqual([groupPath()]);
    const deriver = { ...studio.deriver, waiting: () => [three.players[0]!.setupId] };
    const waits = await changedSince({ ...studio, deriver }, known);
    expect(waits.gone).not.toContain(fileOf(0)[0]);
    expect(pathsOf(waits)).toEqual([groupPath()]);
  });

  it('comes in as many answers as it takes', async () => {
    let known: Record<string, string> = {};
    const sizes: number[] = [];
    for (let more = true; more;) {
      const some = await changedSince(studio, known, 1);
      known = { ...known, ...versionsOf(some) };
      sizes.push(some.answers.length);
      more = some.more;
    }
    expect(sizes).toEqual([1, 1, 1, 1]);
    expect(known).toEqual(versionsOf(await told({})));
  });

  it('is not asked for by the ten thousand, and not by whoever sends no list', async () => {
    const known = Object.fromEntries(Array.from({ length: 5001 }, (_, i) => [`/api/${i}`, 'v']));
    for (const body of [{ known }, {}, { known: { a: 1 } }]) {
      const { status } = await post(studio, '/api/remember', body);
      expect(status).toBe(400);
    }
  });
});
