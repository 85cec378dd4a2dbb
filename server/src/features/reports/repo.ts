import type { Knex } from 'knex';
import type { Check, Grip, Report, ReportInput, Student } from '@open-palm/contract';
import type { MeasureId } from '@open-palm/core/measure';

interface ReportRow {
  check_id: string;
  body_json: string;
  mailed_at: string | null;
  version: number;
  updated_at: string;
}

export async function findReport(db: Knex, checkId: string): Promise<Report | undefined> {
  const row = await db<ReportRow>('letters').where({ check_id: checkId }).first();
  return (
    row && {
      ...JSON.parse(row.body_json),
      checkId,
      version: row.version,
      mailedAt: row.mailed_at,
    }
  );
}

/** Keeps a version of a report. */
export async function putReport(
  db: Knex,
  checkId: string,
  { version, body }: { version: number; body: ReportInput },
  updatedAt: string,
): Promise<void> {
  const row = { body_json: JSON.stringify(body), version, updated_at: updatedAt };
  await db<ReportRow>('letters')
    .insert({ check_id: checkId, mailed_at: null, ...row })
    .onConflict('check_id')
    .merge(row);
}

export async function noteMailed(db: Knex, checkId: string, mailedAt: string): Promise<void> {
  await db<ReportRow>('letters').where({ check_id: checkId }).update({ mailed_at: mailedAt });
}

export interface MarkedCapture {
  pictureId: string;
  width: number;
  height: number;
  /** Taken away: nobody is shown it. */
  isHidden: boolean;
  points: Record<string, { x: number; y: number }>;
}

/** The pictures of a check in order, with their marks. */
export async function capturesOf(db: Knex, checkId: string): Promise<MarkedCapture[]> {
  const rows: {
    picture_id: string;
    image_width: number;
    image_height: number;
    points_json: string;
    bin_id: string | null;
    erased: number | null;
  }[] = await db('captures')
    .leftJoin('bin_pictures', 'bin_pictures.picture_id', 'captures.picture_id')
    .leftJoin('pictures', 'pictures.id', 'captures.picture_id')
    .where({ check_id: checkId })
    .orderBy('position')
    .select('captures.*', 'bin_id', 'pictures.erased');
  return rows.map((row) => ({
    pictureId: row.picture_id,
    width: row.image_width,
    height: row.image_height,
    isHidden: row.bin_id !== null || row.erased === 1,
    points: JSON.parse(row.points_json),
  }));
}

export const checkExists = async (db: Knex, id: string): Promise<boolean> =>
  (await db('checks').where({ id }).first('id')) !== undefined;

/** What the drawn hands of a report are made from. */
export interface DrawnLook {
  grip: Grip;
  contacts: Check['contacts'];
  pose: Check['pose'];
  /** Measures that were seen. */
  seen: MeasureId[];
  student: Pick<Student, 'side' | 'skinTone'>;
}

/** A look's hand and whose it is. */
export async function drawnLook(db: Knex, checkId: string): Promise<DrawnLook> {
  const row = await db('checks')
    .join('students', 'students.id', 'checks.student_id')
    .where('checks.id', checkId)
    .select('checks.*', 'students.side', 'students.skin_tone')
    .first<{
      hold_id: string;
      hold_version: number;
      settings_json: string;
      bow_size: Grip['bowSize'];
      middle_finger_mm: number;
      middle_finger_sd_mm: number;
      contacts_json: string;
      pose_json: string | null;
      side: Student['side'];
      skin_tone: Student['skinTone'];
    }>();
  return {
    grip: {
      holdId: row!.hold_id,
      holdVersion: row!.hold_version,
      settings: JSON.parse(row!.settings_json),
      bowSize: row!.bow_size,
      middleFinger: { mm: row!.middle_finger_mm, sdMm: row!.middle_finger_sd_mm },
      relaxedHandId: null,
    },
    contacts: JSON.parse(row!.contacts_json),
    pose: row!.pose_json === null ? null : JSON.parse(row!.pose_json),
    seen: await db('measures').where({ check_id: checkId }).pluck('measure_id'),
    student: { side: row!.side, skinTone: row!.skin_tone },
  };
}
