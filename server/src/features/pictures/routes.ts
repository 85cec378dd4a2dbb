import { createReadStream } from 'node:fs';
import { Router } from '@koa/router';
import type { Knex } from 'knex';
import getRawBody from 'raw-body';
import { LARGEST_PICTURE_BYTES } from '@open-palm/contract';
import { notFound, Problem } from '../../problem';
import { readId } from '../../readBody';
import { pictureFile } from '../../references/pictureFile';
import { findPicture } from './repo';
import { savePicture } from './service';

const MEGABYTE = 1024 * 1024;

/** Pictures come in as their own bytes and leave through here only. */
export function pictureRoutes(parts: { db: Knex; pictureDir: string; now: () => Date }): Router {
  const router = new Router({ prefix: '/api/pictures' });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    if (Number(ctx.get('Content-Length')) > LARGEST_PICTURE_BYTES) throw tooLarge();
    const bytes = await getRawBody(ctx.req, { limit: LARGEST_PICTURE_BYTES }).catch((error) => {
      throw error.type === 'entity.too.large' ? tooLarge() : error;
    });
    ctx.body = await savePicture(parts, id, bytes);
  });

  router.get('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    if (!(await findPicture(parts.db, id))) throw notFound('picture', 'id');
    ctx.type = 'image/jpeg';
    // A picture never changes under its id, but it is a child's photograph: kept by this browser only.
    ctx.set('Cache-Control', 'private, max-age=86400, immutable');
    ctx.body = createReadStream(pictureFile(parts.pictureDir, id));
  });

  return router;
}

const tooLarge = () =>
  new Problem(
    413,
    'tooLarge',
    `This picture is larger than ${LARGEST_PICTURE_BYTES / MEGABYTE} MB. A smaller one is enough to measure.`,
    'picture',
  );
