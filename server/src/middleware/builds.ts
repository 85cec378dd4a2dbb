import { answers } from '@open-palm/words/answers';
import type { Middleware } from 'koa';
import { HEADERS } from '@open-palm/contract';
import { Problem } from '../problem';

const WRITES = new Set(['PUT', 'POST', 'PATCH', 'DELETE']);

/**
 * Says on every answer which build gives it. A write by an app from before this was said is asked to come again later: it stays
 * where it waits, and is sent by the newer app that takes its place.
 */
export const builds =
  (build: string): Middleware =>
  async (ctx, next) => {
    ctx.set(HEADERS.build, build);
    if (WRITES.has(ctx.method) && ctx.path.startsWith('/api/') && ctx.get(HEADERS.build) === '') {
      const message = answers.olderApp;
      throw new Problem(503, 'olderApp', message, HEADERS.build);
    }
    await next();
  };
