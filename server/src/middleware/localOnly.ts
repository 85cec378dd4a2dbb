import { answers } from '@open-palm/words/answers';
import type { Middleware } from 'koa';
import { Problem } from '../problem';

const LOCAL_NAMES = new Set(['localhost', '127.0.0.1', '[::1]']);

/**
 * Students' photographs stay on the teacher's machine: a page from elsewhere that points its own name at this
 * machine (rebinding) is refused, because its requests carry that name.
 */
export const localOnly: Middleware = async (ctx, next) => {
  if (!LOCAL_NAMES.has(ctx.hostname)) {
    throw new Problem(403, 'notLocal', answers.notLocal, 'Host');
  }
  await next();
};
