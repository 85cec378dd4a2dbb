import type { Knex } from 'knex';
import type { Maker } from '../maker';

/** Resources that change, under versions. */
export type EditedKind = 'student' | 'letter' | 'take' | 'hold' | 'group';

interface EditRow {
  id: string;
  kind: string;
  of_id: string;
  version: number;
  body_json: string;
  sent_json: string | null;
  made_by: string | null;
  author: string | null;
  created_at: string;
}

export interface KeptEdit {
  kind: EditedKind;
  ofId: string;
  version: number;
  /** What stood there after it. */
  body: unknown;
  /** What was sent: something else where it was brought together with other edits. */
  sent: unknown;
}

const editOf = (row: EditRow): KeptEdit => ({
  kind: row.kind as EditedKind,
  ofId: row.of_id,
  version: row.version,
  body: JSON.parse(row.body_json),
  sent: JSON.parse(row.sent_json ?? row.body_json),
});

export async function findEdit(trx: Knex, id: string): Promise<KeptEdit | undefined> {
  const row = await trx<EditRow>('edits').where({ id }).first();
  return row && editOf(row);
}

/** The newest of some edits of a resource that is known; undefined when none is. */
export async function newestOf(
  trx: Knex,
  kind: EditedKind,
  ofId: string,
  ids: readonly string[],
): Promise<KeptEdit | undefined> {
  if (ids.length === 0) return undefined;
  const row = await trx<EditRow>('edits')
    .where({ kind, of_id: ofId })
    .whereIn('id', ids)
    .orderBy('version', 'desc')
    .first();
  return row && editOf(row);
}

/** How a resource read in one of its versions; undefined when that is not known any more. */
export async function bodyAt(
  trx: Knex,
  kind: EditedKind,
  ofId: string,
  version: number,
): Promise<unknown> {
  const row = await trx<EditRow>('edits').where({ kind, of_id: ofId, version }).first();
  return row && editOf(row).body;
}

export async function addEdit(
  trx: Knex,
  edit: KeptEdit & { id: string; maker: Maker; createdAt: string },
): Promise<void> {
  await trx<EditRow>('edits').insert({
    id: edit.id,
    kind: edit.kind,
    of_id: edit.ofId,
    version: edit.version,
    body_json: JSON.stringify(edit.body),
    sent_json: edit.sent === edit.body ? null : JSON.stringify(edit.sent),
    made_by: edit.maker.madeBy,
    author: edit.maker.author,
    created_at: edit.createdAt,
  });
}
