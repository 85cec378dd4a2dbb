import { answers } from '@open-palm/words/answers';
import { createReadStream } from 'node:fs';
import { Router } from '@koa/router';
import getRawBody from 'raw-body';
import { LARGEST_PICTURE_BYTES } from '@open-palm/contract';
import { notFound, Problem } from '../../problem';
import { readId, writtenBy } from '../../readBody';
import { pictureFile } from '../../references/pictureFile';
import { loadPicture, savePicture, type PictureParts } from './service';

const MEGABYTE = 1024 * 1024;

/** Pictures come in as their own bytes and leave through here only. */
export function pictureRoutes(parts: PictureParts): Router {
  const router = new Router({ prefix: '/api/pictures' });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    if (Number(ctx.get('Content-Length')) > LARGEST_PICTURE_BYTES) throw tooLarge();
    // What was read as text before is no picture.
    if (ctx.is('json')) throw new Problem(415, 'malformed', answers.notAPicture, 'body');
    const { maker } = writtenBy(ctx);
    const bytes = await getRawBody(ctx.req, { limit: LARGEST_PICTURE_BYTES }).catch((error) => {
      throw error.type === 'entity.too.large' ? tooLarge() : error;
    });
    ctx.body = await savePicture(parts, id, bytes, maker);
  });

  router.get('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const found = await loadPicture(parts, id);
    if (found === 'unknown') throw notFound('picture', 'id');
    if (found === 'missing') {
      const message = answers.missingPicture;
      throw new Problem(404, 'missingFile', message, 'id');
    }
    ctx.type = 'image/jpeg';
    ctx.body = createReadStream(pictureFile(parts.pictureDir, id));
  });

  return router;
}

const tooLarge = () =>
  new Problem(
    413,
    'tooLarge',
    answers.pictureTooLarge(LARGEST_PICTURE_BYTES / MEGABYTE),
    'picture',
  );
