import { createHash } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import type { KeptStudent, Student } from '@open-palm/contract';
import {
  cellIssue,
  fileIssue,
  readStudioFile,
  type ImportPreview,
  type RowIssue,
} from '@open-palm/contract/exchange';
import {
  checksFromTable,
  CHECK_COLUMNS,
  correctCells,
  decodeText,
  groupsFromTable,
  readTable,
  STUDENT_COLUMNS,
  studentsFromTable,
  type Table,
} from '@open-palm/records/exchange';
import type { Hold } from '@open-palm/core/holds';
import { allGroups } from '../features/groups/repo';
import { allStudents } from '../features/students/repo';
import { latestHolds } from '../references/repo';
import { knownIds, picturesThere, setupOwners } from './repo';
import type { ImportPlan, PlanSettings, Told } from './plan';
import { withoutGone } from './withoutGone';
import { studioIssues, withoutMissingPictures } from './studioIssues';

/** Issues beyond these are told by their number. */
const MOST_ISSUES = 60;
const SAMPLE_ROWS = 6;

/**
 * Reads a file and says what importing it would do: nothing is changed.
 *
 * @param isGone whether what has an id was erased or taken away here: it does not come back with a file
 */
export async function planImport(
  db: Knex,
  bytes: Uint8Array,
  { isGone, ...settings }: PlanSettings & { isGone: (id: string) => boolean },
  onShare?: (share: number) => void,
): Promise<ImportPlan> {
  return withoutGone(await planWhole(db, bytes, { ...settings, onShare }), isGone);
}

async function planWhole(
  db: Knex,
  bytes: Uint8Array,
  { zone, dateOrder, corrections, onShare }: PlanSettings & Told,
): Promise<ImportPlan> {
  const settings = JSON.stringify({ dateOrder, corrections });
  const sha256 = createHash('sha256').update(bytes).update(settings).digest('hex');
  const { text: written, issue } = decodeText(bytes);
  if (written === null) return refused(sha256, [issue]);
  const text = corrections.length > 0 ? correctCells(written, corrections) : written;
  if (/^\uFEFF?\s*[{[]/.test(text)) return planStudio(db, text.replace(/^\uFEFF/, ''), sha256);
  const { table, issues } = readTable(text);
  if (issues.length > 0) return refused(sha256, issues, table);
  if (table.columns.includes('measure')) {
    return planChecks(db, table, sha256, { zone, dateOrder, onShare });
  }
  if (table.columns.includes('name') || table.columns.includes('student_id')) {
    return planStudents(db, table, sha256, { zone, onShare });
  }
  const params = { head: table.columns.join(', ').slice(0, 120) };
  return refused(sha256, [fileIssue({ code: 'noKnownTable', params })], table);
}

async function planStudents(
  db: Knex,
  table: Table,
  sha256: string,
  { zone, onShare }: Pick<PlanSettings, 'zone'> & Told,
): Promise<ImportPlan> {
  const known = new Map((await allStudents(db)).map((student) => [student.id, student]));
  const context = { students: [...known.values()], zone, makeId, onShare };
  const { students, playing, issues } = studentsFromTable(table, context);
  const groupsThere = (await allGroups(db)).map(({ group: { version: _, ...group } }) => group);
  const seated = groupsFromTable(playing, { groups: groupsThere, makeId });
  issues.push(...seated.issues);
  issues.push(...(await foreignSetups(db, students)), ...(await unknownHolds(db, students)));
  if (issues.length > 0) return refused(sha256, issues, table, 'students');
  const sorted = sortOut(students, known);
  const groups = seated.groups.filter(
    (group) =>
      !isDeepStrictEqual(
        groupsThere.find(({ id }) => id === group.id),
        group,
      ),
  );
  return {
    ...NOTHING,
    students: [...sorted.fresh, ...sorted.changed],
    groups,
    preview: {
      ...emptyPreview(sha256),
      kind: 'students',
      rows: table.rows.length,
      added: { ...NONE, students: sorted.fresh.length, groups: groups.length },
      changed: sorted.changed.map(({ name }) => name),
      same: sorted.same,
      ...shown(table, STUDENT_COLUMNS),
    },
  };
}

async function planChecks(
  db: Knex,
  table: Table,
  sha256: string,
  { zone, dateOrder, onShare }: Pick<PlanSettings, 'zone' | 'dateOrder'> & Told,
): Promise<ImportPlan> {
  const students = await allStudents(db);
  const holds = await latestHolds(db);
  const context = { students, holds, zone, dateOrder, makeId, onShare };
  const { checks, issues, asksDateOrder } = checksFromTable(table, context);
  if (issues.length > 0) {
    const plan = refused(sha256, issues, table, 'checks');
    return { ...plan, preview: { ...plan.preview, asksDateOrder } };
  }
  const there = await knownIds(db, 'checks');
  const fresh = checks.filter(({ id }) => !there.has(id));
  return {
    ...NOTHING,
    checks: fresh,
    preview: {
      ...emptyPreview(sha256),
      kind: 'checks',
      rows: table.rows.length,
      added: { ...NONE, checks: fresh.length },
      same: checks.length - fresh.length,
      ...shown(table, CHECK_COLUMNS),
    },
  };
}

async function planStudio(db: Knex, text: string, sha256: string): Promise<ImportPlan> {
  const { file, issues } = readStudioFile(text);
  if (!file) return refused(sha256, issues, null, 'studio');
  const known = new Map((await allStudents(db)).map((student) => [student.id, student]));
  const holdsThere = new Set((await latestHolds(db)).map(({ id }) => id));
  const wrong = [
    ...(await foreignSetups(db, file.students)),
    ...(await studioIssues(db, file, [...known.values()])),
  ];
  if (wrong.length > 0) return refused(sha256, wrong, null, 'studio');
  const students = sortOut(file.students, known);
  const [checksThere, logThere] = [await knownIds(db, 'checks'), await knownIds(db, 'log_entries')];
  const freshChecks = file.checks.filter(({ id }) => !checksThere.has(id));
  const pictures = await picturesThere(db, freshChecks);
  const checks = freshChecks.map((check) => withoutMissingPictures(check, pictures));
  const log = file.log.filter(({ id }) => !logThere.has(id));
  // An own hold that is there is left as it is here: its versions are this studio's.
  const holds = file.holds.filter(({ id }) => !holdsThere.has(id)) as Hold[];
  const all = file.checks.length + file.log.length + file.holds.length;
  return {
    students: [...students.fresh, ...students.changed],
    holds,
    checks: checks.map(({ id, input }) => ({ id, input })),
    log,
    groups: [],
    preview: {
      ...emptyPreview(sha256),
      kind: 'studio',
      rows: file.students.length + all,
      added: {
        students: students.fresh.length,
        holds: holds.length,
        checks: checks.length,
        log: log.length,
        groups: 0,
      },
      changed: students.changed.map(({ name }) => name),
      same: students.same + all - checks.length - log.length - holds.length,
      withoutPictures: checks.filter(({ lost }) => lost).length,
    },
  };
}

/** Who is new, who is known and changes, and how many stay as they are. */
function sortOut(students: readonly Student[], known: ReadonlyMap<string, KeptStudent>) {
  const fresh = students.filter(({ id }) => !known.has(id));
  const changed = students.filter((student) => {
    const kept = known.get(student.id);
    if (!kept) return false;
    const { version: _, ...before } = kept;
    return !isDeepStrictEqual(before, student);
  });
  return { fresh, changed, same: students.length - fresh.length - changed.length };
}

/** An instrument of the file that is another student's here. */
async function foreignSetups(db: Knex, students: readonly Student[]): Promise<RowIssue[]> {
  const owners = await setupOwners(db);
  return students.flatMap(({ id, name, setups }) =>
    setups.flatMap((setup): RowIssue[] => {
      const owner = owners.get(setup.id);
      if (owner === undefined || owner === id) {
        owners.set(setup.id, id);
        return [];
      }
      const problem = { code: 'instrumentTaken', params: { name } } as const;
      return [cellIssue(null, 'instrument_id', problem, setup.id)];
    }),
  );
}

/** A hold that is none of the shipped ones and none of the teacher's own. */
async function unknownHolds(db: Knex, students: readonly Student[]): Promise<RowIssue[]> {
  const own = new Set((await latestHolds(db)).map(({ id }) => id));
  const isOwn = (id: string) => /^[0-9a-f]{8}-/.test(id);
  return students.flatMap(({ name, setups }) =>
    setups.flatMap(({ holdId }): RowIssue[] =>
      isOwn(holdId) && !own.has(holdId)
        ? [cellIssue(null, 'hold', { code: 'noHold', params: { of: name } }, holdId)]
        : [],
    ),
  );
}

const NONE: ImportPreview['added'] = { students: 0, holds: 0, checks: 0, log: 0, groups: 0 };
const NOTHING = { students: [], holds: [], checks: [], log: [], groups: [] };

const emptyPreview = (sha256: string): ImportPreview => ({
  kind: null,
  sha256,
  rows: 0,
  added: NONE,
  changed: [],
  same: 0,
  withoutPictures: 0,
  gone: 0,
  leftAlone: [],
  issues: [],
  issueCount: 0,
  asksDateOrder: false,
  sample: [],
  done: false,
});

const refused = (
  sha256: string,
  issues: readonly RowIssue[],
  table: Table | null = null,
  kind: ImportPreview['kind'] = null,
): ImportPlan => ({
  ...NOTHING,
  preview: {
    ...emptyPreview(sha256),
    kind,
    rows: table?.rows.length ?? 0,
    issues: [...issues].sort((a, b) => (a.row ?? 0) - (b.row ?? 0)).slice(0, MOST_ISSUES),
    issueCount: issues.length,
    ...(table ? { sample: sampleOf(table) } : {}),
  },
});

const sampleOf = ({ columns, rows }: Table): string[][] => [
  [...columns],
  ...rows.slice(0, SAMPLE_ROWS).map(({ cells }) => columns.map((name) => cells[name] ?? '')),
];

const shown = (table: Table, columns: readonly string[]) => ({
  sample: sampleOf(table),
  leftAlone: table.columns.filter((name) => !columns.includes(name)),
});

/** An id for what comes without one, always the same for the same thing: so importing a file twice adds nothing. */
function makeId(key: string, atMs = 0): string {
  const random = createHash('sha256').update(key).digest().subarray(0, 16);
  return uuidv7({ msecs: Math.max(0, atMs), seq: 0, random });
}
