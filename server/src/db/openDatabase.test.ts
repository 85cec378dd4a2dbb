import { mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from './openDatabase';

const freshFile = () => join(mkdtempSync(join(tmpdir(), 'db-')), 'studio.sqlite');

describe('openDatabase', () => {
  it('keeps what is committed through a crash: write-ahead log, full sync, foreign keys', async () => {
    const db = await openDatabase(freshFile());
    const pragma = async (name: string) => Object.values((await db.raw(`pragma ${name}`))[0])[0];
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('synchronous')).toBe(2);
    expect(await pragma('foreign_keys')).toBe(1);
    await db.destroy();
  });

  it('can go back to before every migration and up again', async () => {
    const db = await openDatabase(freshFile());
    const tables = async () =>
      (await db('sqlite_master').where({ type: 'table' }).pluck('name')).filter(
        (name: string) => !/^(sqlite|knex)/.test(name),
      );
    const before = (await tables()).sort();
    expect(before).toEqual([
      'bin',
      'bin_pictures',
      'captures',
      'checks',
      'crossings',
      'edits',
      'group_members',
      'groups',
      'holds',
      'letters',
      'log_entries',
      'measures',
      'people',
      'pictures',
      'relaxed_hands',
      'setups',
      'stale_setups',
      'students',
      'studio_facts',
      'takes',
      'told',
      'tracks',
      'walk_marks',
      'walk_players',
      'walks',
    ]);
    await db.migrate.rollback(undefined, true);
    expect(await tables()).toEqual([]);
    await db.migrate.latest();
    expect((await tables()).sort()).toEqual(before);
    await db.destroy();
  });

  it('has done every migration that there is, the newest last', async () => {
    const folder = join(__dirname, '../../migrations');
    const files = readdirSync(folder).filter((name) => name.endsWith('.ts'));
    const db = await openDatabase(freshFile());
    const done = await db('knex_migrations').orderBy('id').pluck('name');
    expect(done.map((name: string) => `${name}.ts`)).toEqual(files.sort());
    await db.destroy();
  });

  it('opens a studio a second time with what was in it', async () => {
    const file = freshFile();
    const first = await openDatabase(file);
    await first('pictures').insert({
      id: 'a',
      width: 1,
      height: 1,
      upload_sha256: '',
      created_at: '',
    });
    await first.destroy();
    const second = await openDatabase(file);
    expect(await second('pictures').pluck('id')).toEqual(['a']);
    await second.destroy();
  });

  it('carries the students and checks of an earlier studio over, and back', async () => {
    const db = await openDatabase(freshFile());
    const later = '20261125150000_setups_taps_holds';
    await db.migrate.down({ name: '20261129110000_facts_first' });
    await db.migrate.down({ name: '20261126090000_tracking' });
    await db.migrate.down({ name: '20261126020000_crossings' });
    await db.migrate.down({ name: '20261126010000_takes_fingers_seen' });
    await db.migrate.down({ name: '20261125230000_takes' });
    await db.migrate.down({ name: '20261125220000_own_bows' });
    await db.migrate.down({ name: '20261125200000_lesson_log' });
    await db.migrate.down({ name: later });
    const [student, check] = ['a-student', 'a-check'];
    await db('students').insert({
      id: student,
      name: 'Wilma Harrow',
      instrument: 'viola',
      hold_id: 'violin-deep',
      side: 'right',
      frog_length_mm: 48,
      skin_tone: 'clay',
      created_at: '',
    });
    await db('checks').insert({
      id: check,
      student_id: student,
      taken_at: '2026-01-01',
      context: 'heel',
      hold_id: 'violin-deep',
      hold_version: 1,
      standings_json: '{}',
      contacts_json: '{}',
      body_sha256: 'x',
      created_at: '',
    });
    const number = { kind: 'number', id: 'wristFlexion', value: 12, sd: 3 };
    const category = { kind: 'category', id: 'littlePlace', value: 'top', probability: 0.9 };
    for (const measure of [number, category]) {
      await db('measures').insert({
        check_id: check,
        measure_id: measure.id,
        student_id: student,
        taken_at: '2026-01-01',
        verdict: 'in',
        value_json: JSON.stringify(measure),
      });
    }
    await db.migrate.up({ name: later });
    const [setup] = await db('setups');
    expect(setup).toMatchObject({
      student_id: student,
      position: 0,
      instrument: 'viola',
      hold_id: 'violin-deep',
      frog_length_mm: 48,
    });
    expect(await db('checks').first()).toMatchObject({ setup_id: setup.id, taps_json: '[]' });
    const measures = await db('measures').orderBy('rowid');
    expect(measures.map(({ series, place }) => [series, place])).toEqual([
      ['wristFlexion@heel', 'heel'],
      ['littlePlace', 'heel'],
    ]);
    expect(JSON.parse(measures[0].value_json)).toEqual({
      measure: { ...number, retake: null },
      place: 'heel',
      sources: [{ capture: 0, measure: { ...number, retake: null } }],
      conflict: false,
    });
    await db.migrate.down({ name: later });
    expect(await db('students').first()).toMatchObject({ instrument: 'viola', frog_length_mm: 48 });
    expect(await db('checks').first()).toMatchObject({ id: check, hold_version: 1 });
    await db.destroy();
  });
});
