import type { Knex } from 'knex';
import type { Check, CheckInput } from '@open-palm/contract';
import { FAMILIES, mergeContacts, type Place } from '@open-palm/core/measure';
import type { Maker } from '../../maker';

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
  pose_json: string | null;
  bands_off: number;
  made_by: string | null;
  author: string | null;
  pending: number;
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

/** A look as it was given, before anything is worked out of it. */
export type CheckFacts = CheckInput & { id: string };

/** What the check with this id was first sent as, if there is one. */
export const bodyHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db<CheckRow>('checks').where({ id }).first('body_sha256'))?.body_sha256;

/** Adds a check as it was given, inside a transaction of the caller's; what it says is worked out afterwards. */
export async function addCheck(
  trx: Knex,
  check: CheckFacts,
  extra: { bodySha256: string; createdAt: string; maker: Maker },
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
    standings_json: NOTHING_STANDS,
    contacts_json: NOTHING_TOUCHES,
    bands_off: check.grip.bandsOff ? 1 : 0,
    body_sha256: extra.bodySha256,
    created_at: extra.createdAt,
    made_by: extra.maker.madeBy,
    author: extra.maker.author,
    pending: 1,
  });
  if (check.captures.length > 0) {
    await trx<CaptureRow>('captures').insert(
      check.captures.map((capture, position) => ({
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
      })),
    );
  }
  if (check.told) {
    const { code, measures } = check.told;
    await trx('told').insert({
      check_id: check.id,
      code,
      measures_json: JSON.stringify(measures),
    });
  }
}

/** What stands of a look as long as nothing was worked out of it. */
const NOTHING_STANDS = JSON.stringify(
  Object.fromEntries(FAMILIES.map((family) => [family, 'notSeen'])),
);
const NOTHING_TOUCHES = JSON.stringify(mergeContacts([]));

/** What a look refers to, as far as it is here. */
export interface References {
  student: boolean;
  /** Whether the setup is one of the student's. */
  setup: boolean;
  /** Indexes of captures whose picture is not here, and of those that another check has already. */
  withoutPicture: number[];
  taken: number[];
}

/** Looks everything up that a look refers to, in one question, because every look asks it. */
export async function findReferences(
  db: Knex,
  { studentId, setupId, captures }: CheckFacts,
): Promise<References> {
  const asked = JSON.stringify(captures.map(({ id, pictureId }) => [id, pictureId]));
  const [row]: Record<'student' | 'setup' | 'without' | 'taken', string | number>[] = await db.raw(
    `select exists (select 1 from students where id = ?) as student,
       exists (select 1 from setups where id = ? and student_id = ?) as setup,
       (select json_group_array(key) from json_each(?)
        where json_extract(value, '$[1]') not in (select id from pictures)) as without,
       (select json_group_array(key) from json_each(?)
        where json_extract(value, '$[0]') in (select id from captures)) as taken`,
    [studentId, setupId, studentId, asked, asked],
  );
  const ids = captures.map(({ id }) => id);
  const twice = ids.flatMap((id, i) => (ids.indexOf(id) < i ? [i] : []));
  return {
    student: row!.student === 1,
    setup: row!.setup === 1,
    withoutPicture: JSON.parse(String(row!.without)),
    taken: [...JSON.parse(String(row!.taken)), ...twice],
  };
}

/** A look as it was given. */
export async function findCheckFacts(db: Knex, id: string): Promise<CheckFacts | undefined> {
  const row = await db<CheckRow>('checks').where({ id }).first();
  if (!row) return undefined;
  return factsOf(row, await db<CaptureRow>('captures').where({ check_id: id }).orderBy('position'));
}

/** A whole check: what was given, what was worked out of it, and of its measures what was told when it was kept. */
export async function findCheck(db: Knex, id: string): Promise<Check | undefined> {
  const row = await db<CheckRow>('checks').where({ id }).first();
  if (!row) return undefined;
  const captures = await db<CaptureRow>('captures').where({ check_id: id }).orderBy('position');
  const told = await db('told').where({ check_id: id }).first<{ measures_json: string }>();
  if (told) return checkOf(row, captures, JSON.parse(told.measures_json));
  const measures = await db('measures')
    .where({ check_id: id })
    .orderBy('rowid')
    .pluck('value_json');
  return checkOf(
    row,
    captures,
    measures.map((json: string) => JSON.parse(json)),
  );
}

/**
 * Whole checks in the order of their ids, so many after one: for taking all of them along without holding them all. What was told of
 * them comes beside what is worked out.
 */
export async function checksAfter(db: Knex, afterId: string, most: number): Promise<Check[]> {
  const rows = await db<CheckRow>('checks').where('id', '>', afterId).orderBy('id').limit(most);
  const ids = rows.map(({ id }) => id);
  const captures = byCheck(
    await db<CaptureRow>('captures').whereIn('check_id', ids).orderBy('position'),
  );
  const measures = byCheck(
    await db<{ check_id: string; value_json: string }>('measures')
      .whereIn('check_id', ids)
      .orderBy('rowid')
      .select('check_id', 'value_json'),
  );
  const told = byCheck(
    await db<{ check_id: string; code: number; measures_json: string }>('told').whereIn(
      'check_id',
      ids,
    ),
  );
  return rows.map((row) => ({
    ...checkOf(
      row,
      captures.get(row.id) ?? [],
      (measures.get(row.id) ?? []).map(({ value_json }) => JSON.parse(value_json)),
    ),
    ...toldOf(told.get(row.id)?.[0]),
  }));
}

const toldOf = (row: { code: number; measures_json: string } | undefined): Pick<Check, 'told'> =>
  row ? { told: { code: row.code, measures: JSON.parse(row.measures_json) } } : {};

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
  measures: Check['measures'],
): Check {
  return {
    ...factsOf(row, captures),
    measures,
    contacts: JSON.parse(row.contacts_json),
    fits: JSON.parse(row.fits_json),
    pose: row.pose_json === null ? null : JSON.parse(row.pose_json),
  };
}

const factsOf = (row: CheckRow, captures: readonly CaptureRow[]): CheckFacts => ({
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
});

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
