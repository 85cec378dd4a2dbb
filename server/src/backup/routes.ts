import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Router } from '@koa/router';
import type { Knex } from 'knex';
import type { RestorePreview } from '@open-palm/contract';
import { answers } from '@open-palm/words/answers';
import { backupWords } from '@open-palm/words/backups';
import { notFound, Problem } from '../problem';
import { BackupProblem } from './backupProblem';
import type { BackupKeeper } from './keeper';
import { sinceOf } from './repo';
import type { RestoreDesk } from './restoreDesk';

/** The studio's backups, for its owner: what there is, one more, a copy to take away, and one put back. */
export function backupRoutes({
  backups,
  restores,
  reader,
  studioId,
}: {
  backups: BackupKeeper;
  restores: RestoreDesk;
  reader: Knex;
  studioId: string;
}): Router {
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

  router.get('/kept/:name', async (ctx) => {
    const { name } = ctx.params;
    const file = name === undefined ? null : backups.fileOf(name);
    if (file === null) throw notFound('backup', 'name');
    ctx.type = 'application/zip';
    ctx.length = (await stat(file)).size;
    ctx.attachment(name);
    ctx.body = createReadStream(file);
  });

  router.get('/restore', (ctx) => {
    ctx.body = restores.state();
  });

  router.post('/restore/look', async (ctx) => {
    const { name } = ctx.query;
    const kept = name === undefined ? null : backups.fileOf(String(name));
    if (name !== undefined && kept === null) throw notFound('backup', 'name');
    if (kept === null && !ctx.is(FILE_TYPE)) {
      throw new Problem(415, 'malformed', answers.fileForm(FILE_TYPE), 'Content-Type');
    }
    const { token, bytes, manifest } = await restores
      .look(kept === null ? { sent: ctx.req } : { file: kept })
      .catch(inWords);
    const { madeAt, studio, holds } = manifest;
    const since = await sinceOf(reader, madeAt);
    const isOurs = studio.id === studioId;
    ctx.body = { token, madeAt, bytes, studio, isOurs, holds, since } satisfies RestorePreview;
  });

  router.post('/restore/:token', (ctx) => {
    if (!restores.begin(ctx.params.token!)) {
      throw new Problem(409, 'lookAgain', backupWords.lookAgain, 'token');
    }
    ctx.status = 202;
    ctx.body = restores.state();
  });

  return router;
}

/** The kind that files come as: a page from elsewhere cannot send it without being asked about first. */
const FILE_TYPE = 'application/octet-stream';

/** What is wrong with a backup is for whoever sent it. */
function inWords(error: unknown): never {
  if (error instanceof BackupProblem) throw new Problem(422, 'backup', error.message, 'file');
  throw error;
}
