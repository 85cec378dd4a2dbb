import { Router } from '@koa/router';
import { rememberAskedSchema } from '@open-palm/contract';
import { readBody } from '../readBody';
import type { StudioParts } from '../studioParts';
import { changedSince } from './changedSince';

export function rememberRoutes(parts: Pick<StudioParts, 'reader' | 'deriver'>): Router {
  const router = new Router({ prefix: '/api/remember' });

  router.post('/', async (ctx) => {
    const { known } = readBody(rememberAskedSchema, ctx.request.body);
    ctx.body = await changedSince(parts, known);
  });

  return router;
}
