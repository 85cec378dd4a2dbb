import { v7 as uuidv7 } from 'uuid';
import { groupFileSchema, type GroupInput, type StudentInput } from '@open-palm/contract';
import { freshStudent } from './examples';
import type { TestStudio } from './testStudio';

/** Three violinists of a studio, and a group in which they may sit side by side. */
export async function groupOfThree(studio: TestStudio) {
  const players: { studentId: string; setupId: string; body: StudentInput }[] = [];
  for (const name of ['Ada', 'Ben', 'Cora']) {
    const body = freshStudent({ name });
    const studentId = uuidv7();
    await studio.put(`/api/students/${studentId}`, body);
    players.push({ studentId, setupId: body.setups[0]!.id, body });
  }
  const groupId = uuidv7();
  const members: GroupInput['members'] = Object.fromEntries(
    players.map(({ studentId, setupId }, place) => [
      studentId,
      { setupId, seat: { row: 0, place } },
    ]),
  );
  const group = (more: Partial<GroupInput> = {}): GroupInput => ({
    name: 'Wednesday strings',
    meets: { day: 'wednesday', at: '15:30', timeZone: 'Europe/Berlin' },
    layout: 'arc',
    members,
    ...more,
  });
  /** What is kept of the group, with its newest walks. */
  const file = async () => groupFileSchema.parse((await studio.get(`/api/groups/${groupId}`)).body);
  return { players, groupId, members, group, file };
}
