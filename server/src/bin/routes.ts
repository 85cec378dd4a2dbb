import { Router } from '@koa/router';
import type { Knex } from 'knex';
import { goneAskedSchema, removalSchema } from '@open-palm/contract';
import { eraseWords } from '@open-palm/words/erase';
import { Problem } from '../problem';
import { readBody, readId, writtenBy } from '../readBody';
import type { BinParts } from './binParts';
import { bringBack } from './bringBack';
import { eraseNow } from './eraseNow';
import { takeAway } from './takeAway';
import { binItems, findRemovable } from './repo';

/** Taking away, bringing back and erasing. */
export function binRoutes(
  parts: BinParts & { reader: Knex; backupsHolding(): Promise<number> },
): Router {
  const { reader, erased } = parts;
  const router = new Router({ prefix: '/api' });

  router.get('/bin', async (ctx) => {
    ctx.body = { items: await binItems(reader), backupsHolding: await parts.backupsHolding() };
  });

  router.get('/removable/:kind/:id', async (ctx) => {
    const { kind, id } = ctx.params;
    const removal = readBody(removalSchema, { kind, ofId: id });
    const found = await findRemovable(reader, removal);
    if (!found) throw new Problem(404, 'notFound', eraseWords.nothingToRemove, 'id');
    ctx.body = found;
  });

  router.put('/bin/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const removal = readBody(removalSchema, ctx.request.body);
    ctx.body = await takeAway(parts, id, removal, writtenBy(ctx).maker);
  });

  router.post('/bin/:id/back', async (ctx) => {
    ctx.body = await bringBack(parts, readId(ctx.params.id));
  });

  router.post('/bin/:id/erase', async (ctx) => {
    await eraseNow(parts, [readId(ctx.params.id)]);
    ctx.body = { items: await binItems(parts.db), backupsHolding: await parts.backupsHolding() };
  });

  router.post('/gone', (ctx) => {
    const { ids } = readBody(goneAskedSchema, ctx.request.body);
    ctx.body = { erased: ids.filter((id) => erased.has(id)) };
  });

  return router;
}
