import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Router } from '@koa/router';
import { notFound } from '../problem';
import type { BackupKeeper } from './keeper';

/** The studio's backups, for its owner: what there is, one more, and a copy to take away. */
export function backupRoutes({ backups }: { backups: BackupKeeper }): Router {
  const router = new Router({ prefix: '/api/backups' });

  router.get('/', async (ctx) => {
    ctx.body = await backups.state();
  });

  router.post('/', async (ctx) => {
    // A large studio takes longer than a phone waits for an answer: how it ends stands in the state.
    backups.start();
    ctx.status = 202;
    ctx.body = await backups.state();
  });

  router.get('/:name', async (ctx) => {
    const { name } = ctx.params;
    const file = name === undefined ? null : backups.fileOf(name);
    if (file === null) throw notFound('backup', 'name');
    ctx.type = 'application/zip';
    ctx.length = (await stat(file)).size;
    ctx.attachment(name);
    ctx.body = createReadStream(file);
  });

  return router;
}
