import { Router } from '@koa/router';
import type { Knex } from 'knex';
import { takeInputSchema } from '@open-palm/contract';
import { readBody, readId } from '../../readBody';
import { newestTakes } from './repo';
import { saveTake } from './service';

/** Takes that a screen can lay over each other. */
const MOST = 20;

export function takeRoutes(parts: { db: Knex; now: () => Date }): Router {
  const router = new Router({ prefix: '/api/takes' });

  router.get('/', async (ctx) => {
    ctx.body = { takes: await newestTakes(parts.db, readId(String(ctx.query.setup)), MOST) };
  });

  router.put('/:id', async (ctx) => {
    const input = readBody(takeInputSchema, ctx.request.body);
    ctx.body = await saveTake(parts, readId(ctx.params.id), input);
  });

  return router;
}
