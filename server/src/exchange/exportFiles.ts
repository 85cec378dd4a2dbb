import type { Knex } from 'knex';
import type { Check, LogEntry } from '@open-palm/contract';
import { STUDIO_FORMAT } from '@open-palm/contract/exchange';
import { checkLines, checksHead, studentsCsv, writeRows } from '@open-palm/records/exchange';
import { checksAfter } from '../features/checks/repo';
import { allGroups } from '../features/groups/repo';
import { allStudents } from '../features/students/repo';
import { everyHold } from '../references/repo';
import { entriesAfter } from './repo';

/** How many checks are in memory at a time. */
const PAGE = 200;

/** Every student with every instrument, as a table. */
export const studentsTable = async (db: Knex): Promise<string> =>
  studentsCsv(
    await allStudents(db),
    (await allGroups(db)).map(({ group }) => group),
  );

/** Every look, one row for each checkpoint that it tells of, piece by piece. */
export async function* checksTable(db: Knex): AsyncGenerator<string> {
  const students = new Map((await allStudents(db)).map((student) => [student.id, student]));
  yield checksHead();
  for await (const check of everyCheck(db)) {
    const student = students.get(check.studentId);
    const setup = student?.setups.find(({ id }) => id === check.setupId);
    const lines = checkLines(check, student?.name ?? '', setup?.instrument ?? '');
    if (lines.length > 0) yield writeRows(lines);
  }
}

/** The whole studio but its pictures, as JSON, piece by piece. */
export async function* studioJson(db: Knex): AsyncGenerator<string> {
  const head = {
    format: STUDIO_FORMAT,
    version: 1,
    students: (await allStudents(db)).map(({ version: _, ...student }) => student),
    holds: await everyHold(db),
  };
  yield `${JSON.stringify(head).slice(0, -1)},"checks":[`;
  let first = true;
  for await (const { contacts: _, fits: __, pose: ___, ...check } of everyCheck(db)) {
    yield `${first ? '' : ','}${JSON.stringify(check)}`;
    first = false;
  }
  yield '],"log":[';
  first = true;
  for await (const entry of everyEntry(db)) {
    yield `${first ? '' : ','}${JSON.stringify(entry)}`;
    first = false;
  }
  yield ']}\n';
}

async function* everyCheck(db: Knex): AsyncGenerator<Check> {
  for (let after = ''; ;) {
    const page = await checksAfter(db, after, PAGE);
    yield* page;
    if (page.length < PAGE) return;
    after = page.at(-1)!.id;
  }
}

async function* everyEntry(db: Knex): AsyncGenerator<LogEntry> {
  for (let after = ''; ;) {
    const page = await entriesAfter(db, after, PAGE);
    yield* page;
    if (page.length < PAGE) return;
    after = page.at(-1)!.id;
  }
}
