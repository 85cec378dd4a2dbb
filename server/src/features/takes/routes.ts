import { Router } from '@koa/router';
import { takeInputSchema } from '@open-palm/contract';
import { readBody, readEdit, readId, writtenBy } from '../../readBody';
import type { StudioParts } from '../../studioParts';
import { newestTakes } from './repo';
import { saveTake } from './service';

/** Takes that a screen can lay over each other. */
const MOST = 20;

export function takeRoutes(parts: Pick<StudioParts, 'db' | 'reader' | 'now'>): Router {
  const router = new Router({ prefix: '/api/takes' });

  router.get('/', async (ctx) => {
    ctx.body = { takes: await newestTakes(parts.reader, readId(String(ctx.query.setup)), MOST) };
  });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(takeInputSchema, ctx.request.body);
    ctx.body = await saveTake(parts, id, input, writtenBy(ctx), readEdit(ctx));
  });

  return router;
}
