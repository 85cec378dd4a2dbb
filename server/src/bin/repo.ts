import type { Knex } from 'knex';
import type { BinItem, Removable, Removal, RemovedCounts } from '@open-palm/contract';
import { OWNED, PICTURES_OF, type Owned } from './ownedRows';

export type Row = Record<string, string | number | null>;

/** What was taken away, whole: table by table, in the order in which it can be brought back. */
export type TakenRows = readonly (readonly [table: string, rows: Row[]])[];

interface BinRow {
  id: string;
  kind: Removal['kind'];
  of_id: string;
  student_id: string;
  about_json: string;
  rows_json: string;
  removed_at: string;
  gone_at: string;
  made_by: string | null;
  author: string | null;
}

/** An item of the bin with what lies in it. */
export interface KeptRemoval extends BinItem {
  rows: TakenRows;
  pictureIds: string[];
}

const ask = ({ where }: Owned, id: string) =>
  [where, Array<string>(where.split('?').length - 1).fill(id)] as const;

/** The rows that go with a thing. */
export async function rowsOf(db: Knex, { kind, ofId }: Removal): Promise<TakenRows> {
  const taken: [string, Row[]][] = [];
  for (const owned of OWNED[kind]) {
    taken.push([owned.table, await db(owned.table).whereRaw(...ask(owned, ofId))]);
  }
  return taken;
}

/** Takes them away, those that refer to others first. What is worked out of them goes with them. */
export async function deleteRows(trx: Knex, { kind, ofId }: Removal): Promise<void> {
  for (const owned of [...OWNED[kind]].reverse()) {
    await trx(owned.table)
      .whereRaw(...ask(owned, ofId))
      .delete();
  }
}

/** Brings rows back; of those from before a change of the tables, what the tables still have. */
export async function insertRows(trx: Knex, taken: TakenRows): Promise<void> {
  for (const [table, rows] of taken) {
    if (rows.length === 0) continue;
    const columns = new Set(Object.keys(await trx(table).columnInfo()));
    for (const row of rows) {
      await trx(table).insert(
        Object.fromEntries(Object.entries(row).filter(([name]) => columns.has(name))),
      );
    }
  }
}

/** Whether a table has a row like that. */
export const isThere = async (db: Knex, table: string, where: Row): Promise<boolean> =>
  (await db(table).where(where).first(db.raw('1'))) !== undefined;

/** Whether the thing itself is there already. */
export async function isInTheWay(db: Knex, taken: TakenRows): Promise<boolean> {
  const [first] = taken;
  const [row] = first?.[1] ?? [];
  if (!first || !row) return false;
  const key = first[0] === 'letters' ? 'check_id' : 'id';
  return (await db(first[0]).where(key, row[key]!).first(key)) !== undefined;
}

/** Pictures that go with a thing. */
export async function picturesOf(db: Knex, { kind, ofId }: Removal): Promise<string[]> {
  const sql = PICTURES_OF[kind];
  if (sql === null) return [];
  const asked = Array<string>(sql.split('?').length - 1).fill(ofId);
  const rows: { picture_id: string }[] = await db.raw(sql, asked);
  return rows.map(({ picture_id }) => picture_id);
}

/** Looks that name pictures: what is written of them may show these. */
export const looksNaming = (db: Knex, pictureIds: readonly string[]): Promise<string[]> =>
  db('captures')
    .whereIn('picture_id', [...pictureIds])
    .distinct()
    .pluck('check_id');

/** The instrument whose standing changes when a thing goes or comes back. */
export async function setupsOf(db: Knex, { kind, ofId }: Removal): Promise<string[]> {
  if (kind === 'student') return db('setups').where({ student_id: ofId }).pluck('id');
  return kind === 'check' ? db('checks').where({ id: ofId }).pluck('setup_id') : [];
}

/** Lets the looks that came back be worked out. */
export const markLooksPending = (trx: Knex, { kind, ofId }: Removal): Promise<number> =>
  trx('checks')
    .where(kind === 'student' ? { student_id: ofId } : { id: ofId })
    .update({ pending: 1 });

/** Whose a thing is, and what goes with it; undefined where it is not there. */
export async function findRemovable(db: Knex, removal: Removal): Promise<Removable | undefined> {
  const about = await ownerOf(db, removal);
  if (!about) return undefined;
  const student = await db('students').where({ id: about.student_id }).first<{ name: string }>();
  if (!student) return undefined;
  const taken = new Map(await rowsOf(db, removal));
  const pictures = await picturesOf(db, removal);
  return {
    ...removal,
    studentId: about.student_id,
    studentName: student.name,
    takenAt: about.taken_at,
    holds: countsOf(taken, pictures.length),
  };
}

function countsOf(taken: ReadonlyMap<string, Row[]>, pictures: number): RemovedCounts {
  const count = (table: string) => taken.get(table)?.length ?? 0;
  const entries = taken.get('log_entries') ?? [];
  const ownCues = entries.filter(({ kind }) => kind === 'ownCue').length;
  return {
    looks: count('checks'),
    pictures,
    takes: count('takes'),
    letters: count('letters'),
    notes: entries.length - ownCues + count('crossings'),
    ownCues,
  };
}

type Owner = { student_id: string; taken_at: string | null };

async function ownerOf(db: Knex, { kind, ofId }: Removal): Promise<Owner | undefined> {
  switch (kind) {
    case 'student':
    case 'photographs':
      return (await db('students').where({ id: ofId }).first('id'))
        ? { student_id: ofId, taken_at: null }
        : undefined;
    case 'check':
      return db('checks').where({ id: ofId }).first<Owner>('student_id', 'taken_at');
    case 'take':
      return db('takes').where({ id: ofId }).first<Owner>('student_id', 'taken_at');
    case 'letter':
      return db('letters')
        .join('checks', 'checks.id', 'letters.check_id')
        .where('letters.check_id', ofId)
        .first<Owner>('checks.student_id', 'checks.taken_at');
    case 'picture':
      return ownerOfPicture(db, ofId);
  }
}

async function ownerOfPicture(db: Knex, id: string): Promise<Owner | undefined> {
  if (await db('bin_pictures').where({ picture_id: id }).first('picture_id')) return undefined;
  if (await db('pictures').where({ id, erased: 1 }).first('id')) return undefined;
  return (
    (await db('captures')
      .join('checks', 'checks.id', 'captures.check_id')
      .where('captures.picture_id', id)
      .first<Owner>('checks.student_id', 'checks.taken_at')) ??
    (await db('relaxed_hands').where({ picture_id: id }).first<Owner>('student_id', 'taken_at'))
  );
}

export async function addToBin(
  trx: Knex,
  item: BinItem,
  { rows, pictureIds }: Pick<KeptRemoval, 'rows' | 'pictureIds'>,
  maker: { madeBy: string | null; author: string | null },
): Promise<void> {
  const { id, kind, ofId, studentId, studentName, takenAt, holds, removedAt, goneAt } = item;
  await trx<BinRow>('bin').insert({
    id,
    kind,
    of_id: ofId,
    student_id: studentId,
    about_json: JSON.stringify({ studentName, takenAt, holds }),
    rows_json: JSON.stringify(rows),
    removed_at: removedAt,
    gone_at: goneAt,
    made_by: maker.madeBy,
    author: maker.author,
  });
  for (const pictureId of pictureIds) {
    // What was taken away by itself before stays so, whatever comes of what it belongs to.
    await trx('bin_pictures')
      .insert({ picture_id: pictureId, bin_id: id })
      .onConflict('picture_id')
      .ignore();
  }
}

const shownOf = (row: Omit<BinRow, 'rows_json'>): BinItem => ({
  id: row.id,
  kind: row.kind,
  ofId: row.of_id,
  studentId: row.student_id,
  ...(JSON.parse(row.about_json) as Pick<BinItem, 'studentName' | 'takenAt' | 'holds'>),
  removedAt: row.removed_at,
  goneAt: row.gone_at,
});

const SHOWN: (keyof BinRow)[] = [
  'id',
  'kind',
  'of_id',
  'student_id',
  'about_json',
  'removed_at',
  'gone_at',
];

/** What lies in the bin, what was taken away last first. */
export async function binItems(db: Knex): Promise<BinItem[]> {
  const rows = await db<BinRow>('bin')
    .orderBy([
      { column: 'removed_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .select(SHOWN);
  return rows.map(shownOf);
}

export async function findInBin(db: Knex, id: string): Promise<KeptRemoval | undefined> {
  const row = await db<BinRow>('bin').where({ id }).first();
  return (
    row && {
      ...shownOf(row),
      rows: JSON.parse(row.rows_json) as TakenRows,
      pictureIds: await db('bin_pictures').where({ bin_id: id }).pluck('picture_id'),
    }
  );
}

/** Until when what has one of these ids can be brought back; undefined where none of them lies in the bin. */
export async function binnedUntil(db: Knex, ids: readonly string[]): Promise<string | undefined> {
  const found = await db<BinRow>('bin')
    .whereIn('of_id', [...ids])
    // Another letter may be written to the same look meanwhile, and a student stays without photographs.
    .whereNotIn('kind', ['letter', 'photographs'])
    .orderBy('gone_at', 'desc')
    .first('gone_at');
  if (found) return found.gone_at;
  const picture = await db('bin_pictures')
    .join('bin', 'bin.id', 'bin_pictures.bin_id')
    .whereIn('picture_id', [...ids])
    .first<{ gone_at: string }>('gone_at');
  return picture?.gone_at;
}

export const dropFromBin = (trx: Knex, ids: readonly string[]): Promise<number> =>
  trx('bin')
    .whereIn('id', [...ids])
    .delete();

/** Items whose week is over, and whatever of an erased student lies beside them. */
export const idsInBin = (
  db: Knex,
  which: { dueAt: string } | { studentId: string },
): Promise<string[]> =>
  db('bin')
    .modify((query) => {
      if ('dueAt' in which) query.where('gone_at', '<=', which.dueAt);
      else query.where('student_id', which.studentId);
    })
    .pluck('id');

/** What lies in the bin, with what tells one letter from a later one. */
export const everyBinned = (
  db: Knex,
): Promise<{ id: string; of_id: string; student_id: string; kind: Removal['kind'] }[]> =>
  db('bin').select('id', 'of_id', 'student_id', 'kind');

/** What a person is shown of it. */
export const itemOf = ({ rows: _, pictureIds: __, ...item }: KeptRemoval): BinItem => item;
