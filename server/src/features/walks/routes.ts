import { Router } from '@koa/router';
import { walkInputSchema } from '@open-palm/contract';
import { readBody, readId, writtenBy } from '../../readBody';
import type { StudioParts } from '../../studioParts';
import { saveWalk } from './service';

export function walkRoutes(parts: Pick<StudioParts, 'db' | 'now' | 'deriver' | 'erased'>): Router {
  const router = new Router({ prefix: '/api/walks' });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(walkInputSchema, ctx.request.body);
    ctx.body = await saveWalk(parts, id, input, writtenBy(ctx).maker);
  });

  return router;
}
