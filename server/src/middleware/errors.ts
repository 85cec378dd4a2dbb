import { answers } from '@open-palm/words/answers';
import type { Middleware } from 'koa';
import { v7 as uuidv7 } from 'uuid';
import { clip, type ApiErrorBody } from '@open-palm/contract';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { TooSoon } from '../access/delays';
import { routeOf } from './accessLog';
import { faultOf } from '../faultOf';
import { diskTrouble } from '../diskTrouble';
import { ConflictProblem, Problem } from '../problem';

export type Log = (entry: Record<string, unknown>) => void;

/** The one place where errors become answers. Expected ones are told; the rest is logged under the request's id. */
export function errors(log: Log): Middleware {
  return async (ctx, next) => {
    const requestId = uuidv7();
    ctx.set('X-Request-Id', requestId);
    try {
      await next();
      if (ctx.status === 404 && ctx.body == null && ctx.path.startsWith('/api/')) {
        throw new Problem(404, 'notFound', answers.noAddress, ctx.path);
      }
    } catch (error) {
      const problem = asProblem(error);
      // What is said on purpose is no fault.
      if (problem.status >= 500 && !(error instanceof Problem)) {
        log({
          level: 'error',
          requestId,
          route: routeOf(ctx.method, ctx.path),
          stack: faultOf(error),
        });
      }
      ctx.status = problem.status;
      if (problem instanceof TooSoon) ctx.set('Retry-After', String(problem.seconds));
      const { code, message, where } = problem;
      const body: ApiErrorBody = {
        error: { code, message, where: clip(where, LONGEST_WHERE) },
        ...(problem instanceof ConflictProblem ? { conflict: problem.conflict } : {}),
      };
      ctx.body = body;
    }
  };
}

/** An answer says what is wrong and where; it does not send back what came. */
const LONGEST_WHERE = 200;
const LONGEST_ISSUE = 200;
const MOST_ISSUES = 30;

function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof InputError) {
    const [first] = error.issues;
    const sentences = error.issues
      .slice(0, MOST_ISSUES)
      .map((issue) => clip(describeIssue(issue), LONGEST_ISSUE));
    const rest = error.issues.length - sentences.length;
    const message = [...sentences, ...(rest > 0 ? [answers.andMore(rest)] : [])].join(' ');
    return new Problem(400, first?.code ?? 'malformed', message, first?.where ?? 'body');
  }
  const trouble = diskTrouble(error);
  // Nothing was acknowledged: a device keeps what it sent, and sends it again.
  if (trouble !== null) return new Problem(507, 'noRoom', answers[trouble], '');
  return asBodyProblem(error) ?? new Problem(500, 'internal', answers.internal, '');
}

/** Errors of the packages that read the body, which carry an HTTP status below 500. */
function asBodyProblem(error: unknown): Problem | null {
  if (/^Z_/.test(String((error as { code?: unknown } | null)?.code))) {
    return new Problem(400, 'notJson', answers.packed, 'body');
  }
  if (!(error instanceof Error) || !('status' in error)) return null;
  if (error.status === 413) {
    return new Problem(413, 'tooLarge', answers.tooLarge, 'body');
  }
  if (error instanceof URIError || /decode|uri/i.test(error.message)) {
    return new Problem(400, 'malformed', answers.addressForm, '');
  }
  if (error.status === 415) {
    return new Problem(415, 'malformed', answers.bodyForm, 'body');
  }
  if (typeof error.status === 'number' && error.status >= 400 && error.status < 500) {
    return new Problem(error.status, 'notJson', answers.notJson, 'body');
  }
  return null;
}
