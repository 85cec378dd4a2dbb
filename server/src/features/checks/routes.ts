import { Router } from '@koa/router';
import { checkInputSchema } from '@open-palm/contract';
import { readBody, readId, writtenBy } from '../../readBody';
import type { StudioParts } from '../../studioParts';
import { loadCheck, saveCheck } from './service';

export function checkRoutes(parts: StudioParts & { pictureDir: string }): Router {
  const router = new Router({ prefix: '/api/checks' });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(checkInputSchema, ctx.request.body);
    await saveCheck(parts, id, input, writtenBy(ctx));
    ctx.body = { id };
  });

  router.get('/:id', async (ctx) => {
    ctx.body = await loadCheck(parts, readId(ctx.params.id));
  });

  return router;
}
