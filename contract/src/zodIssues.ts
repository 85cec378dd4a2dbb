import type { ZodError } from 'zod';
import type { Issue } from '@open-palm/core/issue';

/** What a schema found wrong, as issues with paths like `captures[0].points.thumbTip.x`. */
export function issuesFromZod(error: ZodError, root: string): Issue[] {
  return error.issues.map((issue) => ({
    code: 'malformed',
    where: pathText(issue.path) || root,
    params: { problem: issue.message },
  }));
}

function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    '',
  );
}
