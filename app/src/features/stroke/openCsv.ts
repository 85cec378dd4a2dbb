import { describeIssue } from '@open-palm/words/describe';
import { readStrokeCsv } from '@open-palm/contract/stroke';
import { InputError } from '@open-palm/core/issue';
import type { StrokeSeries } from '@open-palm/core/stroke';
import { pickFile } from '../../foundation/kit/pickFile';

/** A chosen file as a take, or why it is none. */
export type OpenedFile = { name: string; series: StrokeSeries } | { name: string; problem: string };

/** Lets the person choose a CSV file and reads it; null when none was chosen. */
export async function openCsv(): Promise<OpenedFile | null> {
  const file = await pickFile('text/csv,.csv,text/plain,.txt');
  if (!file) return null;
  try {
    return { name: file.name, series: readStrokeCsv(await file.text()) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { name: file.name, problem: error.issues.map(describeIssue).join('\n') };
  }
}
