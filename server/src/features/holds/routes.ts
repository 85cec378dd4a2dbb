import { Router } from '@koa/router';
import type { Knex } from 'knex';
import { ownHoldSchema } from '@open-palm/contract';
import { Problem } from '../../problem';
import { readBody, readId } from '../../readBody';
import { latestHolds } from '../../references/repo';
import { saveHold } from './service';

export function holdRoutes(parts: { db: Knex; now: () => Date }): Router {
  const router = new Router({ prefix: '/api/holds' });

  router.get('/', async (ctx) => {
    ctx.body = { holds: await latestHolds(parts.db) };
  });

  router.put('/:id', async (ctx) => {
    const hold = readBody(ownHoldSchema, ctx.request.body);
    if (hold.id !== readId(ctx.params.id)) {
      throw new Problem(400, 'malformed', 'The id is not that of the address.', 'id');
    }
    ctx.body = await saveHold(parts, hold);
  });

  return router;
}
