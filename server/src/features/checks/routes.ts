import { Router } from '@koa/router';
import { checkInputSchema } from '@open-palm/contract';
import { readBody, readId } from '../../readBody';
import type { StudioParts } from '../../studioParts';
import { loadCheck, saveCheck } from './service';

export function checkRoutes(parts: StudioParts): Router {
  const router = new Router({ prefix: '/api/checks' });

  router.put('/:id', async (ctx) => {
    const input = readBody(checkInputSchema, ctx.request.body);
    ctx.body = await saveCheck(parts, readId(ctx.params.id), input);
  });

  router.get('/:id', async (ctx) => {
    ctx.body = await loadCheck(parts.db, readId(ctx.params.id));
  });

  return router;
}
