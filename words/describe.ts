import type { Issue, IssueCode } from '@open-palm/core/issue';
import type { Problem, ProblemCode } from '@open-palm/core/problem';
import { ISSUE_WORDS, placeWords } from './issueWords';
import { PROBLEM_WORDS } from './problemWords';

/**
 * One issue as a sentence for a person: what is wrong, and where.
 *
 * @example describeIssue({ code: 'notMarked', where: 'hand[4]' }) // 'hand[4] (thumb tip) is not marked.'
 */
export function describeIssue({ code, where, params = {} }: Issue): string {
  const at = placeWords(where);
  if (code !== 'malformed') return ISSUE_WORDS[code](at, params);
  const { problem, ...rest } = params;
  return `${at}: ${describeProblem({ code: problem as ProblemCode, params: rest })}.`;
}

/**
 * What is wrong with a value, in words that follow the place where it stands.
 *
 * @example describeProblem({ code: 'between', params: { least: 20, most: 80, unit: 'mm' } }) // 'between 20 and 80 mm'
 */
export function describeProblem({ code, params = {} }: Problem): string {
  if (code !== 'issue') return PROBLEM_WORDS[code](params);
  const { issue, at, ...rest } = params;
  const sentence = describeIssue({ code: issue as IssueCode, where: String(at), params: rest });
  return sentence.replace(/\.$/, '');
}
