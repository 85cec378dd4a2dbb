import { join } from 'node:path';
import { openDatabase } from '../src/db/openDatabase';

/** The demo's student whose looks are copied. */
const MODEL = 'Marit Solvane';

const idOf = (kind: number, n: string) =>
  `printf('01900000-${String(kind).padStart(4, '0')}-7000-8000-%012x', ${n})`;

/**
 * Adds so many students with so many looks to the demo's database, copied from one of its own: made in seconds, which keeping each
 * through the server would not be.
 */
async function growDatabase(dataDir: string, students: number, checks: number): Promise<void> {
  const db = await openDatabase(join(dataDir, 'studio.sqlite'));
  const upTo = (count: number) =>
    `with recursive seq(n) as (select 0 union all select n + 1 from seq where n < ${count - 1})`;
  const columns = async (table: string, changed: Record<string, string>) => {
    const rows: { name: string }[] = await db.raw(`pragma table_info(${table})`);
    return rows.map(({ name }) => changed[name] ?? `model.${name}`).join(', ');
  };
  const model = `(select id from students where name = '${MODEL}')`;
  const student = idOf(1, 'n');
  await db.raw(
    `insert into students ${upTo(students)} select ${await columns('students', {
      id: student,
      name: `'Bench ' || n`,
    })} from students model, seq where model.id = ${model}`,
  );
  await db.raw(
    `insert into setups ${upTo(students)} select ${await columns('setups', {
      id: idOf(2, 'n'),
      student_id: student,
    })} from setups model, seq where model.student_id = ${model}`,
  );
  const takenAt = `strftime('%Y-%m-%dT%H:%M:%S.000Z', 1760000000 - (n / ${students}) * 43200, 'unixepoch')`;
  const of = `n % ${students}`;
  const newest = `(select id from checks where student_id = ${model} order by taken_at desc limit 1)`;
  await db.raw(
    `insert into checks ${upTo(checks)} select ${await columns('checks', {
      id: idOf(3, 'n'),
      student_id: idOf(1, of),
      setup_id: idOf(2, of),
      taken_at: takenAt,
    })} from checks model, seq where model.id = ${newest}`,
  );
  await db.raw(
    `insert into measures ${upTo(checks)} select ${await columns('measures', {
      check_id: idOf(3, 'n'),
      setup_id: idOf(2, of),
      taken_at: takenAt,
    })} from measures model, seq where model.check_id = ${newest}`,
  );
  await db.raw(
    'insert or ignore into stale_setups select id, 1 from setups where id not in (select setup_id from tracks)',
  );
  await db.raw('analyze');
  await db.destroy();
}

const [dataDir, students, checks] = process.argv.slice(2);
await growDatabase(dataDir!, Number(students), Number(checks));
