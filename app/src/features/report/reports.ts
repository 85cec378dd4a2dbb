import type { Report } from '@open-palm/contract';
import { reportSchema, mailSchema } from '@open-palm/contract/report';
import { ApiProblem, ask, put } from '../../foundation/api/client';
import { paths } from '../../foundation/api/paths';
import { strings } from '../../foundation/strings';

/** The report of a check; null where none was written. */
export async function findReport(checkId: string): Promise<Report | null> {
  try {
    return await ask(reportSchema, paths.report(checkId));
  } catch (error) {
    if (error instanceof ApiProblem && error.status === 404) return null;
    throw error;
  }
}

/** The kept report as a PDF. */
export async function reportPdf(checkId: string): Promise<Blob> {
  const response = await fetch(paths.reportPdf(checkId)).catch(() => null);
  if (!response?.ok) throw new ApiProblem(strings.loading.unreachable, response?.status ?? 0);
  return response.blob();
}

/** Puts the kept report into the studio's outbox folder; gives the file's name. */
export const mailReport = async (checkId: string, to: string): Promise<string> =>
  (await put(mailSchema, paths.reportMail(checkId), { to })).file;
