import { answers } from '@open-palm/words/answers';
import type { Knex } from 'knex';
import { isSame, mergeFields } from '@open-palm/records/merge';
import { ConflictProblem, Problem } from '../problem';
import type { Edit } from '../readBody';
import { addEdit, bodyAt, findEdit, newestOf, type EditedKind } from './repo';
import { BROUGHT_IN, type Maker } from '../maker';

/** A version of something that changes. */
export interface Versioned<Body> {
  version: number;
  body: Body;
}

export interface EditParts<Body> {
  kind: EditedKind;
  id: string;
  /** Null for a write that names no edit: it can only add. */
  edit: Edit | null;
  body: Body;
  /** What stands there now, if anything. */
  current: Versioned<Body> | undefined;
  maker: Maker;
  createdAt: string;
  /** Puts right what two edits, each right by itself, may not be together. */
  settle?(merged: Body, current: Body): Body;
  /** Writes a version, whole. */
  put(next: Versioned<Body>): Promise<void>;
}

/**
 * Keeps an edit, inside a transaction of the caller's. What was changed meanwhile is brought together with it field by field; the same
 * edit again, whose answer was lost, changes nothing.
 *
 * @returns what stands there now
 * @throws ConflictProblem with what stands there, where both changed the same field
 */
export async function keepEdit<Body>(trx: Knex, parts: EditParts<Body>): Promise<Versioned<Body>> {
  const { kind, id, edit, body, current, put } = parts;
  const known = edit && (await findEdit(trx, edit.id));
  if (known && (known.kind !== kind || known.ofId !== id)) {
    throw new Problem(409, 'conflict', answers.otherEdit, 'edit');
  }
  if (known && current) return current;
  const keep = async (next: Versioned<Body>): Promise<Versioned<Body>> => {
    if (current) await rememberFirst(trx, parts, current);
    await put(next);
    const editId = edit?.id ?? `${kind} ${id} ${next.version}`;
    const sent = isSame(next.body, body) ? next.body : body;
    const { maker, createdAt } = parts;
    await addEdit(trx, { id: editId, kind, ofId: id, ...next, sent, maker, createdAt });
    return next;
  };
  if (!current) return keep({ version: 1, body });
  if (isSame(current.body, body)) return current;
  const version = current.version + 1;
  const base = await beganFrom(trx, parts, current);
  if (base && isSame(base.body, current.body)) return keep({ version, body });
  const merged = mergeFields(base?.body ?? null, body, current.body);
  if (merged.conflicts.length > 0) {
    throw new ConflictProblem({
      version: current.version,
      theirs: merged.body,
      fields: merged.conflicts.map((path) => [...path]),
    });
  }
  const settled = parts.settle?.(merged.body, current.body) ?? merged.body;
  if (isSame(settled, current.body)) return current;
  return keep({ version, body: settled });
}

/**
 * What an edit began from: an edit just before it whose answer was lost or is not known to it yet, as that was sent; else the version
 * that it names. Undefined when that is not known.
 */
async function beganFrom<Body>(
  trx: Knex,
  { kind, id, edit }: EditParts<Body>,
  current: Versioned<Body>,
): Promise<{ body: Body } | undefined> {
  const earlier = await newestOf(trx, kind, id, edit?.after ?? []);
  if (earlier) return { body: earlier.sent as Body };
  const basedOn = edit?.basedOn ?? 0;
  if (basedOn === current.version) return current;
  const body = (await bodyAt(trx, kind, id, basedOn)) as Body | undefined;
  return body === undefined ? undefined : { body };
}

/** What was there before edits were noted becomes one, so that later edits know what they began from. */
async function rememberFirst<Body>(
  trx: Knex,
  { kind, id, createdAt }: EditParts<Body>,
  { version, body }: Versioned<Body>,
): Promise<void> {
  if ((await bodyAt(trx, kind, id, version)) !== undefined) return;
  const first = `${kind} ${id} ${version}`;
  await addEdit(trx, {
    id: first,
    kind,
    ofId: id,
    version,
    body,
    sent: body,
    maker: BROUGHT_IN,
    createdAt,
  });
}
