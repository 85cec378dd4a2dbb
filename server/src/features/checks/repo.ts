import type { Knex } from 'knex';
import { trackedNumbers, type Check } from '@open-palm/contract';
import type { Family, Place, Standing } from '@open-palm/core/measure';
import { seriesOf } from '@open-palm/core/track';

interface CheckRow {
  id: string;
  student_id: string;
  setup_id: string;
  taken_at: string;
  context: string;
  hold_id: string;
  hold_version: number;
  settings_json: string;
  bow_size: string;
  middle_finger_mm: number;
  middle_finger_sd_mm: number;
  relaxed_hand_id: string | null;
  taps_json: string;
  signs_json: string;
  readiness_json: string;
  standings_json: string;
  contacts_json: string;
  fits_json: string;
  numbers_json: string;
  bands_off: number;
  body_sha256: string;
  created_at: string;
}

interface CaptureRow {
  id: string;
  check_id: string;
  position: number;
  picture_id: string;
  view: string;
  side: string;
  place: string | null;
  image_width: number;
  image_height: number;
  points_json: string;
  frog_length_mm: number;
  frog_length_sd_mm: number;
}

interface MeasureRow {
  check_id: string;
  measure_id: string;
  place: string;
  series: string;
  setup_id: string;
  taken_at: string;
  verdict: string;
  value_json: string;
}

/** What the check with this id was first sent as, if there is one. */
export const bodyHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db<CheckRow>('checks').where({ id }).first('body_sha256'))?.body_sha256;

/** Adds a check with its captures and measures, inside a transaction of the caller's. */
export async function addCheck(
  trx: Knex,
  check: Check,
  extra: { standings: Record<Family, Standing>; bodySha256: string; createdAt: string },
): Promise<void> {
  await trx<CheckRow>('checks').insert({
    id: check.id,
    student_id: check.studentId,
    setup_id: check.setupId,
    taken_at: check.takenAt,
    context: check.context,
    hold_id: check.grip.holdId,
    hold_version: check.grip.holdVersion,
    settings_json: JSON.stringify(check.grip.settings),
    bow_size: check.grip.bowSize,
    middle_finger_mm: check.grip.middleFinger.mm,
    middle_finger_sd_mm: check.grip.middleFinger.sdMm,
    relaxed_hand_id: check.grip.relaxedHandId,
    taps_json: JSON.stringify(check.taps),
    signs_json: JSON.stringify(check.signs),
    readiness_json: JSON.stringify(check.readiness),
    standings_json: JSON.stringify(extra.standings),
    contacts_json: JSON.stringify(check.contacts),
    fits_json: JSON.stringify(check.fits),
    numbers_json: JSON.stringify(trackedNumbers(check.measures)),
    bands_off: check.grip.bandsOff ? 1 : 0,
    body_sha256: extra.bodySha256,
    created_at: extra.createdAt,
  });
  for (const [position, capture] of check.captures.entries()) {
    await trx<CaptureRow>('captures').insert({
      id: capture.id,
      check_id: check.id,
      position,
      picture_id: capture.pictureId,
      view: capture.view,
      side: capture.side,
      place: capture.place,
      image_width: capture.image.width,
      image_height: capture.image.height,
      points_json: JSON.stringify(capture.points),
      frog_length_mm: capture.frogLength.mm,
      frog_length_sd_mm: capture.frogLength.sdMm,
    });
  }
  for (const merged of check.measures) {
    await trx<MeasureRow>('measures').insert({
      check_id: check.id,
      measure_id: merged.measure.id,
      place: merged.place ?? '',
      series: seriesOf(merged.measure.id, merged.place),
      setup_id: check.setupId,
      taken_at: check.takenAt,
      verdict: merged.measure.verdict,
      value_json: JSON.stringify(merged),
    });
  }
}

/** A whole check as it was kept. */
export async function findCheck(db: Knex, id: string): Promise<Check | undefined> {
  const row = await db<CheckRow>('checks').where({ id }).first();
  if (!row) return undefined;
  const captures = await db<CaptureRow>('captures').where({ check_id: id }).orderBy('position');
  const measures = await db<MeasureRow>('measures').where({ check_id: id }).orderBy('rowid');
  return checkOf(row, captures, measures);
}

/** Whole checks in the order of their ids, so many after one: for taking all of them along without holding them all. */
export async function checksAfter(db: Knex, afterId: string, most: number): Promise<Check[]> {
  const rows = await db<CheckRow>('checks').where('id', '>', afterId).orderBy('id').limit(most);
  const ids = rows.map(({ id }) => id);
  const captures = byCheck(
    await db<CaptureRow>('captures').whereIn('check_id', ids).orderBy('position'),
  );
  const measures = byCheck(
    await db<MeasureRow>('measures').whereIn('check_id', ids).orderBy('rowid'),
  );
  return rows.map((row) => checkOf(row, captures.get(row.id) ?? [], measures.get(row.id) ?? []));
}

function byCheck<Row extends { check_id: string }>(rows: readonly Row[]): Map<string, Row[]> {
  const found = new Map<string, Row[]>();
  for (const row of rows) {
    const list = found.get(row.check_id);
    if (list) list.push(row);
    else found.set(row.check_id, [row]);
  }
  return found;
}

function checkOf(
  row: CheckRow,
  captures: readonly CaptureRow[],
  measures: readonly MeasureRow[],
): Check {
  return {
    id: row.id,
    studentId: row.student_id,
    setupId: row.setup_id,
    takenAt: row.taken_at,
    context: row.context as Check['context'],
    grip: {
      holdId: row.hold_id,
      holdVersion: row.hold_version,
      settings: JSON.parse(row.settings_json),
      bowSize: row.bow_size as Check['grip']['bowSize'],
      middleFinger: { mm: row.middle_finger_mm, sdMm: row.middle_finger_sd_mm },
      relaxedHandId: row.relaxed_hand_id,
      ...(row.bands_off ? { bandsOff: true as const } : {}),
    },
    captures: captures.map(captureOf),
    taps: JSON.parse(row.taps_json),
    signs: JSON.parse(row.signs_json),
    readiness: JSON.parse(row.readiness_json),
    measures: measures.map((measure) => JSON.parse(measure.value_json)),
    contacts: JSON.parse(row.contacts_json),
    fits: JSON.parse(row.fits_json),
  };
}

const captureOf = (row: CaptureRow): Check['captures'][number] => ({
  id: row.id,
  pictureId: row.picture_id,
  view: row.view as Check['captures'][number]['view'],
  side: row.side as Check['captures'][number]['side'],
  place: row.place as Place | null,
  image: { width: row.image_width, height: row.image_height },
  points: JSON.parse(row.points_json),
  frogLength: { mm: row.frog_length_mm, sdMm: row.frog_length_sd_mm },
});
