import { Router } from '@koa/router';
import type { Knex } from 'knex';
import { relaxedHandInputSchema } from '@open-palm/contract';
import { readBody, readId } from '../../readBody';
import { saveRelaxedHand } from './service';

export function relaxedHandRoutes(parts: { db: Knex; now: () => Date }): Router {
  const router = new Router({ prefix: '/api/relaxed-hands' });

  router.put('/:id', async (ctx) => {
    const input = readBody(relaxedHandInputSchema, ctx.request.body);
    ctx.body = await saveRelaxedHand(parts, readId(ctx.params.id), input);
  });

  return router;
}
