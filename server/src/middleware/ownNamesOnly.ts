import { answers } from '@open-palm/words/answers';
import type { Middleware } from 'koa';
import type { Listener } from '../access/listener';
import { Problem } from '../problem';

/**
 * Students' photographs stay with the studio: a page from elsewhere that points its own name at this machine (rebinding) is refused,
 * because its requests carry that name.
 */
export const ownNamesOnly =
  (listener: Listener): Middleware =>
  async (ctx, next) => {
    if (!listener.isOurs(ctx.hostname)) {
      throw new Problem(403, 'notLocal', answers.notLocal, 'Host');
    }
    await next();
  };
