import { v7 as uuidv7 } from 'uuid';
import { checkSchema } from '@open-palm/contract';
import { up } from '../../migrations/20261130150000_poses';
import { exampleCheck, studentWithPicture, type ExampleIds } from '../testing/examples';
import { openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeEach(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterEach(() => studio.close());

/** A look that is answered by tap alone. */
const tapped = (value: number) => ({
  ...exampleCheck(ids),
  captures: [],
  taps: [{ measure: 'thumbIpFlexion', answer: { kind: 'value', value, sd: 5 } }],
});

const kept = async (id: string) => {
  await studio.deriver.allSettled();
  return checkSchema.parse((await studio.get(`/api/checks/${id}`)).body);
};

describe('the hand that a look’s measures tell', () => {
  it('is kept with the look, and says how near it came to what was measured', async () => {
    const id = uuidv7();
    await studio.put(`/api/checks/${id}`, tapped(12));
    const { pose } = await kept(id);
    expect(pose!.values).toHaveLength(27);
    const [bend] = pose!.residuals.filter((one) => one.id === 'thumbIpFlexion');
    expect(bend!.wanted).toBe(12);
    expect(Math.abs(bend!.came - 12)).toBeLessThan(2);
    expect(pose!.fighting).toEqual([]);
  });

  it('is worked out for the looks of the version before, and their measures stay', async () => {
    const id = uuidv7();
    await studio.put(`/api/checks/${id}`, tapped(40));
    const now = await kept(id);
    await studio.db.raw('alter table checks drop column pose_json');
    await up(studio.db);
    await studio.deriver.resume();
    expect(await kept(id)).toEqual(now);
  });

  it('leaves the files as they were: no export carries it', async () => {
    await studio.put(`/api/checks/${uuidv7()}`, tapped(30));
    await studio.deriver.allSettled();
    const text = await (await fetch(`${studio.url}/api/export/studio.json`)).text();
    expect(text).toContain('thumbIpFlexion');
    expect(text).not.toContain('wristBend');
  });
});
