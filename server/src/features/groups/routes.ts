import { Router } from '@koa/router';
import { groupInputSchema } from '@open-palm/contract';
import { readBody, readEdit, readId, writtenBy } from '../../readBody';
import type { StudioParts } from '../../studioParts';
import { allGroups, removedGroups } from './repo';
import { bringGroupBack, eraseGroupNow, loadGroup, removeGroup, saveGroup } from './service';

export function groupRoutes(parts: Pick<StudioParts, 'db' | 'reader' | 'now'>): Router {
  const router = new Router({ prefix: '/api/groups' });

  router.get('/', async (ctx) => {
    ctx.body = {
      groups: await allGroups(parts.reader),
      removed: await removedGroups(parts.reader),
    };
  });

  router.get('/:id', async (ctx) => {
    ctx.body = await loadGroup(
      parts.reader,
      readId(ctx.params.id),
      ctx.query.walks === 'all' ? 'all' : 'newest',
    );
  });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(groupInputSchema, ctx.request.body);
    ctx.body = await saveGroup(parts, id, input, writtenBy(ctx).maker, readEdit(ctx));
  });

  router.post('/:id/remove', async (ctx) => {
    ctx.body = await removeGroup(parts, readId(ctx.params.id));
  });

  router.post('/:id/back', async (ctx) => {
    const id = readId(ctx.params.id);
    await bringGroupBack(parts, id);
    ctx.body = { id };
  });

  router.post('/:id/erase', async (ctx) => {
    const id = readId(ctx.params.id);
    await eraseGroupNow(parts, id);
    ctx.body = { id };
  });

  return router;
}
