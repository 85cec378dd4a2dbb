import { Router } from '@koa/router';
import type { Knex } from 'knex';
import { relaxedHandInputSchema } from '@open-palm/contract';
import { readBody, readId, writtenBy } from '../../readBody';
import { saveRelaxedHand } from './service';

export function relaxedHandRoutes(parts: {
  db: Knex;
  now: () => Date;
  pictureDir: string;
}): Router {
  const router = new Router({ prefix: '/api/relaxed-hands' });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(relaxedHandInputSchema, ctx.request.body);
    ctx.body = await saveRelaxedHand(parts, id, input, writtenBy(ctx));
  });

  return router;
}
