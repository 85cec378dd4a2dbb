import type { TermWords } from '@open-palm/contract';
import { termWordsSchema } from '@open-palm/contract/termPage';
import { issuesFromZod } from '@open-palm/contract/zodIssues';
import { describeIssue } from '@open-palm/words/describe';
import { termWords } from '../../../foundation/strings/term';

const { heads } = termWords;
const NAMES: Readonly<Record<string, string>> = {
  title: termWords.heading,
  opening: termWords.opening,
  changed: heads.changed,
  worked: heads.worked,
  practised: heads.practised,
  help: heads.help,
};

/** Words as they are given, without empty lines; or what is wrong with them, and where. */
export function givenWords(words: TermWords): { words: TermWords } | { problem: string } {
  const said = (line: string) => line.trim() !== '';
  const checked = termWordsSchema.safeParse({
    ...words,
    changed: words.changed.filter(said),
    worked: words.worked.filter(said),
    practised: words.practised !== null && said(words.practised) ? words.practised : null,
  });
  if (checked.success) return { words: checked.data };
  const [issue] = issuesFromZod(checked.error, termWords.title);
  const [part = ''] = issue!.where.split(/[.[ ]/);
  return { problem: describeIssue({ ...issue!, where: NAMES[part] ?? issue!.where }) };
}
