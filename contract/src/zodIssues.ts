import type { ZodError } from 'zod';
import type { Issue } from '@open-palm/core/issue';
import { clip } from './clip';

/** An answer says what is wrong; it does not send back what came. */
const LONGEST_PATH = 100;
const LONGEST_PROBLEM = 200;

/** What a schema found wrong, as issues with paths like `captures[0].points.thumbTip.x`. */
export function issuesFromZod(error: ZodError, root: string): Issue[] {
  return error.issues.map((issue) => ({
    code: 'malformed',
    where: clip(pathText(issue.path), LONGEST_PATH) || root,
    params: { problem: clip(issue.message, LONGEST_PROBLEM) },
  }));
}

function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    '',
  );
}
