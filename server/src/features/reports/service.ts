import { existsSync } from 'node:fs';
import { mkdir, readFile } from 'node:fs/promises';
import { basename, join } from 'node:path';
import type { Knex } from 'knex';
import writeFileAtomic from 'write-file-atomic';
import { reportInputOf, reportText, type Report, type ReportInput } from '@open-palm/contract';
import { inTransaction } from '../../db/inTransaction';
import { keepEdit } from '../../edits/keepEdit';
import { notFound } from '../../problem';
import type { Edit } from '../../readBody';
import { pictureFile } from '../../references/pictureFile';
import { drawHands } from './drawnHands';
import { reportPdf } from './reportPdf';
import { markedPicture } from './markedPicture';
import { capturesOf, checkExists, findReport, noteMailed, putReport } from './repo';
import type { Maker } from '../../maker';

export interface ReportParts {
  db: Knex;
  reader: Knex;
  pictureDir: string;
  /** Stands in for a mail program: what is to be sent lies here as .eml files. */
  outboxDir: string;
  fontDir?: string | undefined;
  now: () => Date;
}

/**
 * Keeps an edit of a report, the first one too.
 *
 * @throws Problem `notFound` for an unknown check
 * @throws ConflictProblem when the same part was worded otherwise elsewhere
 */
export async function saveReport(
  { db, now }: ReportParts,
  checkId: string,
  input: ReportInput,
  maker: Maker,
  edit: Edit | null,
): Promise<Report> {
  const createdAt = now().toISOString();
  await inTransaction(db, async (trx) => {
    if (!(await checkExists(trx, checkId))) throw notFound('check', 'id');
    const known = await findReport(trx, checkId);
    await keepEdit<ReportInput>(trx, {
      kind: 'letter',
      id: checkId,
      edit,
      body: input,
      current: known && { version: known.version, body: reportInputOf(known) },
      maker,
      createdAt,
      put: (next) => putReport(trx, checkId, next, createdAt),
    });
  });
  return loadReport(db, checkId);
}

/** @throws Problem `notFound` */
export async function loadReport(db: Knex, checkId: string): Promise<Report> {
  const report = await findReport(db, checkId);
  if (!report) throw notFound('letter', 'id');
  return report;
}

/** The report as a PDF with the check's drawn hands and marked pictures. */
export async function printReport(parts: ReportParts, checkId: string): Promise<Buffer> {
  const letter = await loadReport(parts.reader, checkId);
  const captures = await capturesOf(parts.reader, checkId);
  const pictures = await Promise.all(
    captures.map(async (capture, i) => {
      const file = pictureFile(parts.pictureDir, capture.pictureId);
      // One that was taken away, or lost its file, is not in what is given.
      if (capture.isHidden || !existsSync(file)) return [];
      const marked = await markedPicture(await readFile(file), capture);
      return [{ ...marked, caption: letter.captions[i] ?? '' }];
    }),
  );
  const hands = letter.drawing ? await drawHands(parts.reader, checkId) : null;
  return reportPdf(letter, pictures.flat(), parts.fontDir, hands);
}

/**
 * Puts the report into the outbox folder as a mail file with its PDF. It names no sender: the mail program that opens it
 * puts in its own.
 *
 * @returns the file's name below the data folder
 */
export async function mailReport(parts: ReportParts, checkId: string, to: string): Promise<string> {
  const letter = await loadReport(parts.reader, checkId);
  const pdf = await printReport(parts, checkId);
  const { default: MailComposer } = await import('nodemailer/lib/mail-composer/index.js');
  const now = parts.now();
  const mail = new MailComposer({
    to,
    subject: letter.title,
    text: reportText(letter),
    date: now,
    headers: { 'X-Unsent': '1' },
    attachments: [{ filename: 'feedback.pdf', content: pdf, contentType: 'application/pdf' }],
  });
  await mkdir(parts.outboxDir, { recursive: true });
  const file = join(parts.outboxDir, `${checkId}.eml`);
  await writeFileAtomic(file, await mail.compile().build());
  await noteMailed(parts.db, checkId, now.toISOString());
  return join(basename(parts.outboxDir), basename(file));
}
