import { answers } from '@open-palm/words/answers';
import { Router } from '@koa/router';
import { ownHoldSchema } from '@open-palm/contract';
import { Problem } from '../../problem';
import { readBody, readEdit, readId, writtenBy } from '../../readBody';
import { latestHolds } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import { saveHold } from './service';

export function holdRoutes(parts: Pick<StudioParts, 'db' | 'reader' | 'now'>): Router {
  const router = new Router({ prefix: '/api/holds' });

  router.get('/', async (ctx) => {
    ctx.body = { holds: await latestHolds(parts.reader) };
  });

  router.put('/:id', async (ctx) => {
    const hold = readBody(ownHoldSchema, ctx.request.body);
    if (hold.id !== readId(ctx.params.id)) {
      throw new Problem(400, 'malformed', answers.otherId, 'id');
    }
    ctx.body = await saveHold(parts, hold, writtenBy(ctx).maker, readEdit(ctx));
  });

  return router;
}
