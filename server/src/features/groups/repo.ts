import type { Knex } from 'knex';
import type { GroupFile, GroupListItem, KeptGroup, Member } from '@open-palm/contract';
import { readRows } from '../../db/readRows';

interface GroupRow {
  id: string;
  name: string;
  meets_json: string | null;
  layout: string;
  version: number;
  created_at: string;
  gone_at: string | null;
}

interface MemberRow {
  group_id: string;
  student_id: string;
  setup_id: string;
  seat_row: number | null;
  seat_place: number | null;
}

const memberOf = ({ setup_id, seat_row, seat_place }: MemberRow): Member => ({
  setupId: setup_id,
  seat: seat_row === null || seat_place === null ? null : { row: seat_row, place: seat_place },
});

const groupOf = (row: GroupRow, members: readonly MemberRow[]): KeptGroup => ({
  id: row.id,
  version: row.version,
  name: row.name,
  meets: row.meets_json === null ? null : JSON.parse(row.meets_json),
  layout: row.layout as KeptGroup['layout'],
  members: Object.fromEntries(members.map((member) => [member.student_id, memberOf(member)])),
});

/** Adds a group or writes a version of it, whole, inside a transaction of the caller's. */
export async function putGroup(
  trx: Knex,
  { id, version, name, meets, layout, members }: KeptGroup,
  createdAt: string,
): Promise<void> {
  const row = { version, name, meets_json: meets && JSON.stringify(meets), layout };
  await trx<GroupRow>('groups')
    .insert({ id, created_at: createdAt, gone_at: null, ...row })
    .onConflict('id')
    .merge(row);
  await trx<MemberRow>('group_members').where({ group_id: id }).delete();
  const rows = Object.entries(members).map(([studentId, { setupId, seat }]): MemberRow => ({
    group_id: id,
    student_id: studentId,
    setup_id: setupId,
    seat_row: seat?.row ?? null,
    seat_place: seat?.place ?? null,
  }));
  if (rows.length > 0) await trx<MemberRow>('group_members').insert(rows);
}

/** A group, whether it was taken away or not. */
export async function findGroup(
  db: Knex,
  id: string,
): Promise<(KeptGroup & { goneAt: string | null }) | undefined> {
  const row = await db<GroupRow>('groups').where({ id }).first();
  if (!row) return undefined;
  const members = await db<MemberRow>('group_members').where({ group_id: id });
  return { ...groupOf(row, members), goneAt: row.gone_at };
}

/** The groups that there are, and the day of the newest walk of each. */
export async function allGroups(db: Knex): Promise<GroupListItem[]> {
  const rows = await db<GroupRow>('groups')
    .where({ gone_at: null })
    .orderByRaw('name COLLATE NOCASE, id');
  const members = await db<MemberRow>('group_members');
  const days: { group_id: string; day: string }[] = await db('walks')
    .groupBy('group_id')
    .select('group_id', db.raw('max(day) as day'));
  const dayOf = new Map(days.map(({ group_id, day }) => [group_id, day]));
  return readRows(rows, (row) => ({
    group: groupOf(
      row,
      members.filter(({ group_id }) => group_id === row.id),
    ),
    lastDay: dayOf.get(row.id) ?? null,
  }));
}

/** Groups that were taken away. */
export async function removedGroups(
  db: Knex,
): Promise<{ id: string; name: string; goneAt: string }[]> {
  const rows = await db<GroupRow>('groups').whereNotNull('gone_at').orderBy('gone_at', 'desc');
  return rows.map(({ id, name, gone_at }) => ({ id, name, goneAt: gone_at! }));
}

/** Takes a group away until then, or brings it back with null. */
export const setGone = (trx: Knex, id: string, goneAt: string | null): Promise<number> =>
  trx<GroupRow>('groups').where({ id }).update({ gone_at: goneAt });

/** Takes out for good a group with its walks, its marks and every version that is remembered; the looks of its players stay theirs. */
export async function eraseGroup(trx: Knex, id: string): Promise<void> {
  await trx('edits').where({ kind: 'group', of_id: id }).delete();
  for (const table of ['walk_marks', 'walk_players']) {
    await trx(table)
      .whereIn('walk_id', trx('walks').where({ group_id: id }).select('id'))
      .delete();
  }
  await trx('walks').where({ group_id: id }).delete();
  await trx('group_members').where({ group_id: id }).delete();
  await trx('groups').where({ id }).delete();
}

/** Groups whose time in the bin is over. */
export const groupsGoneBefore = (db: Knex, at: string): Promise<string[]> =>
  db<GroupRow>('groups').where('gone_at', '<', at).pluck('id');

interface PlayerRow {
  walk_id: string;
  student_id: string;
  absent: number;
  faults_json: string;
  looked_at: string | null;
  check_id: string | null;
}

/** A year of a group's walks, the newest first, with what each saw of each player. */
export async function walksOf(
  db: Knex,
  groupId: string,
  most: number,
): Promise<GroupFile['walks']> {
  const walks: { id: string; day: string; from_memory: number }[] = await db('walks')
    .where({ group_id: groupId })
    .orderBy([
      { column: 'day', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .limit(most)
    .select('id', 'day', 'from_memory');
  const rows: PlayerRow[] = await db<PlayerRow>('walk_players').whereIn(
    'walk_id',
    walks.map(({ id }) => id),
  );
  const players = new Map<string, PlayerRow[]>();
  for (const row of rows) players.set(row.walk_id, [...(players.get(row.walk_id) ?? []), row]);
  return walks.map(({ id, day, from_memory }) => ({
    id,
    day,
    fromMemory: from_memory === 1,
    players: (players.get(id) ?? []).map((row) => ({
      studentId: row.student_id,
      isAbsent: row.absent === 1,
      faults: JSON.parse(row.faults_json),
      at: row.looked_at,
      checkId: row.check_id,
    })),
  }));
}
