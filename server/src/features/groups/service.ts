import { groupWords } from '@open-palm/words/groups';
import type { Knex } from 'knex';
import {
  BIN_DAYS,
  groupInputOf,
  type GroupFile,
  type GroupInput,
  type KeptGroup,
} from '@open-palm/contract';
import { seatedOnce } from '@open-palm/core/row/seats';
import { inTransaction } from '../../db/inTransaction';
import { keepEdit } from '../../edits/keepEdit';
import type { Maker } from '../../maker';
import { notFound, Problem } from '../../problem';
import type { Edit } from '../../readBody';
import { instrumentsOf } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import { findWalk } from '../walks/repo';
import { eraseGroup, findGroup, groupsGoneBefore, putGroup, setGone, walksOf } from './repo';

type Parts = Pick<StudioParts, 'db' | 'reader' | 'now'>;

const DAY_MS = 24 * 3600 * 1000;
/** A year of weekly walks with some to spare, and those of the last weeks, by which a room is read. */
const WALKS = { all: 60, newest: 12 };

/** How much of a group is asked for. */
export type WalksAsked = keyof typeof WALKS;

/**
 * Keeps an edit of a group, the first one too. Who was taken away from the studio meanwhile is left out: the rest of what was written
 * stands.
 *
 * @throws Problem `notFound` for a player on an instrument that is not theirs, and where the group was taken away
 * @throws ConflictProblem when the same field was changed elsewhere too
 */
export function saveGroup(
  { db, now }: Parts,
  id: string,
  input: GroupInput,
  maker: Maker,
  edit: Edit | null,
): Promise<KeptGroup> {
  const createdAt = now().toISOString();
  return inTransaction(db, async (trx) => {
    const known = await findGroup(trx, id);
    if (known?.goneAt) throw new Problem(404, 'inBin', groupWords.inBin, 'id');
    const { goneAt: _, ...current } = known ?? { goneAt: null };
    const { body, version } = await keepEdit<GroupInput>(trx, {
      kind: 'group',
      id,
      edit,
      body: { ...input, members: await membersHere(trx, input) },
      current: known && {
        version: known.version,
        body: groupInputOf(current as KeptGroup),
      },
      maker,
      createdAt,
      // Two phones may have given a seat to two players.
      settle: (merged, { members }) => ({
        ...merged,
        members: seatedOnce(merged.members, members),
      }),
      put: (next) => putGroup(trx, { id, version: next.version, ...next.body }, createdAt),
    });
    return { id, ...body, version };
  });
}

/** The members who are here; one who never had that instrument is a mistake. */
async function membersHere(trx: Knex, { members }: GroupInput): Promise<GroupInput['members']> {
  const known = await instrumentsOf(trx, Object.keys(members));
  const here = Object.entries(members).filter(([studentId, { setupId }]) => {
    if (known.has(`${studentId} ${setupId}`)) return true;
    const isHere = [...known].some((key) => key.startsWith(`${studentId} `));
    if (isHere) throw notFound('instrument of this student', `members.${studentId}.setupId`);
    return false;
  });
  return Object.fromEntries(here);
}

/**
 * A group with its newest walks, or with a year of them.
 *
 * @throws Problem `notFound`
 */
export async function loadGroup(
  reader: Knex,
  id: string,
  asked: WalksAsked = 'newest',
): Promise<GroupFile> {
  const found = await findGroup(reader, id);
  if (!found || found.goneAt !== null) throw notFound('group', 'id');
  const { goneAt: _, ...group } = found;
  const walks = await walksOf(reader, id, WALKS[asked]);
  const [newest] = walks;
  return { group, walks, newest: newest ? ((await findWalk(reader, newest.id)) ?? null) : null };
}

/** Takes a group away: for a week it can be brought back. */
export async function removeGroup({ db, now }: Parts, id: string): Promise<{ goneAt: string }> {
  const goneAt = new Date(now().getTime() + BIN_DAYS * DAY_MS).toISOString();
  return inTransaction(db, async (trx) => {
    const found = await findGroup(trx, id);
    if (!found) throw notFound('group', 'id');
    if (found.goneAt !== null) return { goneAt: found.goneAt };
    await setGone(trx, id, goneAt);
    return { goneAt };
  });
}

/** Brings a group back. @throws Problem `notFound` where it is gone for good */
export async function bringGroupBack({ db }: Parts, id: string): Promise<void> {
  await inTransaction(db, async (trx) => {
    if ((await setGone(trx, id, null)) === 0) throw notFound('group', 'id');
  });
}

/** Takes a group out for good, at once. Who plays in it, and their looks, stay. */
export async function eraseGroupNow({ db }: Parts, id: string): Promise<void> {
  await inTransaction(db, (trx) => eraseGroup(trx, id));
}

/** Takes out what was taken away more than a week ago. */
export async function sweepGroups({ db, now }: Pick<StudioParts, 'db' | 'now'>): Promise<void> {
  for (const id of await groupsGoneBefore(db, now().toISOString()))
    await eraseGroupNow({ db, reader: db, now }, id);
}
