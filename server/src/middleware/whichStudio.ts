import { answers } from '@open-palm/words/answers';
import { HEADERS } from '@open-palm/contract';
import type { Middleware } from 'koa';
import { Problem } from '../problem';

/**
 * Says on every answer which studio gives it. What was made for another one, that stood at this address before, is not taken: it waits on its device.
 *
 * @param id the studio's own
 */
export const whichStudio =
  (id: string): Middleware =>
  async (ctx, next) => {
    ctx.set(HEADERS.studio, id);
    const meant = ctx.get(HEADERS.studio);
    if (meant !== '' && meant !== id) {
      throw new Problem(403, 'otherStudio', answers.otherStudio, HEADERS.studio);
    }
    await next();
  };
