import type { z, ZodError } from 'zod';
import type { Issue } from '@open-palm/core/issue';
import { malformed, problemIn, problemText, type Problem } from '@open-palm/core/problem';
import { clip } from './clip';

/** An answer says what is wrong; it does not send back what came. */
const LONGEST_PATH = 100;
const LONGEST_PARAM = 200;

/** What a schema found wrong, as issues with paths like `captures[0].points.thumbTip.x`. */
export const issuesFromZod = (error: ZodError, root: string): Issue[] =>
  error.issues.map((issue) =>
    malformed(clip(pathText(issue.path), LONGEST_PATH) || root, schemaProblem(issue)),
  );

/** A place in what came, as text: `captures[0].points.thumbTip.x`. */
export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    '',
  );
}

/** What a schema found wrong with one value: what it says itself, or else what is common to all schemas. */
export function schemaProblem(issue: z.core.$ZodIssue): Problem {
  const { code, params = {} } = problemIn(issue.message) ?? commonProblem(issue);
  const clipped = Object.entries(params).map(([name, value]) => [
    name,
    typeof value === 'string' ? clip(value, LONGEST_PARAM) : value,
  ]);
  return { code, params: Object.fromEntries(clipped) };
}

/** What a schema that says nothing of its own has for a message, where a form takes messages alone: as `error` of a parse. */
export const problemMessage = (issue: z.core.$ZodRawIssue): string => {
  const { code, params } = commonProblem(issue as z.core.$ZodIssue);
  return problemText(code, params);
};

function commonProblem(issue: z.core.$ZodIssue): Problem {
  switch (issue.code) {
    case 'invalid_type':
      if (issue.expected === 'int') return { code: 'notWhole' };
      if (issue.expected === 'number') return { code: 'notANumber' };
      return { code: 'missing', params: { kind: issue.expected } };
    case 'invalid_value':
      return { code: 'notOneOf', params: { known: issue.values.map(String).join(', ') } };
    case 'too_small':
      return tooSmall(issue.origin, Number(issue.minimum), issue.inclusive ?? true);
    case 'too_big':
      return tooBig(issue.origin, Number(issue.maximum), issue.inclusive ?? true);
    case 'unrecognized_keys':
      return { code: 'unknownParts', params: { names: issue.keys.join(', ') } };
    case 'invalid_union':
      return { code: 'noKnownKind' };
    case 'invalid_format':
      return { code: 'wrongForm', params: { form: issue.format } };
    case 'invalid_key':
    case 'invalid_element':
    case 'not_multiple_of':
    case 'custom':
      return { code: 'notRight' };
  }
}

function tooSmall(origin: string, least: number, isInclusive: boolean): Problem {
  if (origin === 'string' || origin === 'array') {
    if (least === 1) return { code: 'empty' };
    return { code: origin === 'string' ? 'tooShort' : 'tooFew', params: { least } };
  }
  return { code: isInclusive ? 'tooLow' : 'notAbove', params: { least } };
}

function tooBig(origin: string, most: number, isInclusive: boolean): Problem {
  if (origin === 'string') return { code: 'tooLong', params: { most } };
  if (origin === 'array') return { code: 'tooMany', params: { most } };
  return { code: isInclusive ? 'tooHigh' : 'notBelow', params: { most } };
}
