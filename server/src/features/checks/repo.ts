import type { Knex } from 'knex';
import type { Check } from '@open-palm/contract';
import type { Family, Standing } from '@open-palm/core/measure';

interface CheckRow {
  id: string;
  student_id: string;
  taken_at: string;
  context: string;
  hold_id: string;
  hold_version: number;
  standings_json: string;
  contacts_json: string;
  body_sha256: string;
  created_at: string;
}

interface CaptureRow {
  id: string;
  check_id: string;
  picture_id: string;
  view: string;
  side: string;
  image_width: number;
  image_height: number;
  points_json: string;
  frog_length_mm: number;
  frog_length_sd_mm: number;
}

interface MeasureRow {
  check_id: string;
  measure_id: string;
  student_id: string;
  taken_at: string;
  verdict: string;
  value_json: string;
}

export const studentExists = async (db: Knex, id: string): Promise<boolean> =>
  (await db('students').where({ id }).first('id')) !== undefined;

export const pictureExists = async (db: Knex, id: string): Promise<boolean> =>
  (await db('pictures').where({ id }).first('id')) !== undefined;

/** What the check with this id was first sent as, if there is one. */
export const bodyHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db<CheckRow>('checks').where({ id }).first('body_sha256'))?.body_sha256;

/** Adds a check with its captures and measures: all of it, or none. */
export async function addCheck(
  db: Knex,
  check: Check,
  extra: { standings: Record<Family, Standing>; bodySha256: string; createdAt: string },
): Promise<void> {
  await db.transaction(async (trx) => {
    await trx<CheckRow>('checks').insert({
      id: check.id,
      student_id: check.studentId,
      taken_at: check.takenAt,
      context: check.context,
      hold_id: check.holdId,
      hold_version: check.holdVersion,
      standings_json: JSON.stringify(extra.standings),
      contacts_json: JSON.stringify(check.contacts),
      body_sha256: extra.bodySha256,
      created_at: extra.createdAt,
    });
    for (const capture of check.captures) {
      await trx<CaptureRow>('captures').insert({
        id: capture.id,
        check_id: check.id,
        picture_id: capture.pictureId,
        view: capture.view,
        side: capture.side,
        image_width: capture.image.width,
        image_height: capture.image.height,
        points_json: JSON.stringify(capture.points),
        frog_length_mm: capture.frogLength.mm,
        frog_length_sd_mm: capture.frogLength.sdMm,
      });
    }
    for (const measure of check.measures) {
      await trx<MeasureRow>('measures').insert({
        check_id: check.id,
        measure_id: measure.id,
        student_id: check.studentId,
        taken_at: check.takenAt,
        verdict: measure.verdict,
        value_json: JSON.stringify(measure),
      });
    }
  });
}

/** A whole check as it was kept. */
export async function findCheck(db: Knex, id: string): Promise<Check | undefined> {
  const row = await db<CheckRow>('checks').where({ id }).first();
  if (!row) return undefined;
  const captures = await db<CaptureRow>('captures').where({ check_id: id });
  const measures = await db<MeasureRow>('measures').where({ check_id: id }).orderBy('rowid');
  return {
    id: row.id,
    studentId: row.student_id,
    takenAt: row.taken_at,
    context: row.context as Check['context'],
    holdId: row.hold_id,
    holdVersion: row.hold_version,
    captures: captures.map((capture) => ({
      id: capture.id,
      pictureId: capture.picture_id,
      view: capture.view as Check['captures'][number]['view'],
      side: capture.side as Check['captures'][number]['side'],
      image: { width: capture.image_width, height: capture.image_height },
      points: JSON.parse(capture.points_json),
      frogLength: { mm: capture.frog_length_mm, sdMm: capture.frog_length_sd_mm },
    })),
    measures: measures.map((measure) => JSON.parse(measure.value_json)),
    contacts: JSON.parse(row.contacts_json),
  };
}
