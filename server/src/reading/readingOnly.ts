import { HEADERS } from '@open-palm/contract';
import { answers } from '@open-palm/words/answers';
import type { Middleware } from 'koa';
import { Problem } from '../problem';
import type { WriteTrouble } from './writeTrouble';

/** What changes nothing of the studio although it is sent: coming in and going out, and paper that is drawn of what is sent. */
const HARMLESS =
  /^\/api\/(access\/(in|out|lock|unlock)|cards\/pdf|terms\/pdf|gone|import\/(preview|cancel))$/;

/** Says on every answer that the studio can only be read, and takes nothing: what is sent waits on its device. */
export const readingOnly =
  (trouble: WriteTrouble | null): Middleware =>
  async (ctx, next) => {
    if (trouble === null) return next();
    ctx.set(HEADERS.reading, trouble);
    const asks = ctx.method === 'GET' || ctx.method === 'HEAD' || HARMLESS.test(ctx.path);
    if (!asks) {
      const message = trouble === 'full' ? answers.full : answers.readOnly;
      throw new Problem(507, 'noRoom', message, '');
    }
    await next();
  };
