import { Router } from '@koa/router';
import { logEntrySchema } from '@open-palm/contract';
import { readBody, readId, writtenBy } from '../../readBody';
import type { StudioParts } from '../../studioParts';
import { saveEntry } from './service';

export function lessonLogRoutes(parts: StudioParts): Router {
  const router = new Router({ prefix: '/api/log' });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(logEntrySchema, ctx.request.body);
    ctx.body = await saveEntry(parts, id, input, writtenBy(ctx));
  });

  return router;
}
