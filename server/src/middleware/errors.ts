import type { Middleware } from 'koa';
import { v7 as uuidv7 } from 'uuid';
import { describeIssue, type ApiErrorBody } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';
import { Problem } from '../problem';

export type Log = (entry: Record<string, unknown>) => void;

/** The one place where errors become answers. Expected ones are told; the rest is logged under the request's id. */
export function errors(log: Log): Middleware {
  return async (ctx, next) => {
    const requestId = uuidv7();
    ctx.set('X-Request-Id', requestId);
    try {
      await next();
      if (ctx.status === 404 && ctx.body == null && ctx.path.startsWith('/api/')) {
        throw new Problem(404, 'notFound', 'There is nothing at this address.', ctx.path);
      }
    } catch (error) {
      const problem = asProblem(error);
      if (problem.status >= 500) {
        const stack = error instanceof Error ? error.stack : String(error);
        log({ level: 'error', requestId, method: ctx.method, path: ctx.path, stack });
      }
      ctx.status = problem.status;
      const { code, message, where } = problem;
      const body: ApiErrorBody = { error: { code, message, where } };
      ctx.body = body;
    }
  };
}

function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof InputError) {
    const [first] = error.issues;
    const message = error.issues.map(describeIssue).join(' ');
    return new Problem(400, first?.code ?? 'malformed', message, first?.where ?? 'body');
  }
  return (
    asBodyProblem(error) ??
    new Problem(500, 'internal', 'Something went wrong on the server. Nothing was changed.', '')
  );
}

/** Errors of the packages that read the body, which carry an HTTP status below 500. */
function asBodyProblem(error: unknown): Problem | null {
  if (!(error instanceof Error) || !('status' in error)) return null;
  if (error.status === 413) {
    return new Problem(413, 'tooLarge', 'This is larger than what is taken here.', 'body');
  }
  if (error.status === 400) {
    return new Problem(400, 'notJson', 'The body is not JSON, or it broke off.', 'body');
  }
  return null;
}
