import { describeIssue } from '@open-palm/words/describe';
import { readStrokeCsv } from '@open-palm/contract/stroke';
import type { Student } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';
import type { StrokeSeries } from '@open-palm/core/stroke';
import { pickFile } from '../../foundation/kit/pickFile';
import { strokeWords } from '../../foundation/strings/stroke';

/** A chosen file as a take, or why it is none. */
export type OpenedFile = { name: string; series: StrokeSeries } | { name: string; problem: string };

/**
 * Lets the person choose a CSV file and reads it; null when none was chosen.
 *
 * @param side the student's bow hand: a file of the other one is none of this student's
 */
export async function openCsv({ name, side }: Student): Promise<OpenedFile | null> {
  const file = await pickFile('text/csv,.csv,text/plain,.txt');
  if (!file) return null;
  try {
    const { series, hand } = readStrokeCsv(await file.text());
    if (hand !== null && hand !== side) {
      return { name: file.name, problem: strokeWords.otherHand[hand](name) };
    }
    return { name: file.name, series };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { name: file.name, problem: error.issues.map(describeIssue).join('\n') };
  }
}
