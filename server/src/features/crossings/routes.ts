import { Router } from '@koa/router';
import { crossingInputSchema, type Crossing } from '@open-palm/contract';
import { receivedHash } from '../../bodyHash';
import { keepOnce } from '../../keepOnce';
import { notFound } from '../../problem';
import { readBody, readId, writtenBy } from '../../readBody';
import { setupExists, studentExists } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import { addCrossing, crossingHashOf, findCrossing, newestCrossings } from './repo';

/** Crossings that a screen shows. */
const MOST = 20;

export function crossingRoutes({
  db,
  reader,
  now,
}: Pick<StudioParts, 'db' | 'reader' | 'now'>): Router {
  const router = new Router({ prefix: '/api/crossings' });

  router.get('/', async (ctx) => {
    const setupId = readId(String(ctx.query.setup));
    ctx.body = { crossings: await newestCrossings(reader, setupId, MOST) };
  });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(crossingInputSchema, ctx.request.body);
    const { received, maker } = writtenBy(ctx);
    const crossing: Crossing = { ...input, id, seenAt: new Date(input.seenAt).toISOString() };
    const bodySha256 = receivedHash(received);
    await keepOnce(db, bodySha256, {
      what: 'crossings',
      hashOf: (trx) => crossingHashOf(trx, id),
      facts: async (trx) => [await findCrossing(trx, id), crossing],
      add: async (trx) => {
        if (!(await studentExists(trx, input.studentId))) throw notFound('student', 'studentId');
        if (!(await setupExists(trx, input.studentId, input.setupId))) {
          throw notFound('instrument of this student', 'setupId');
        }
        await addCrossing(trx, crossing, { bodySha256, createdAt: now().toISOString(), maker });
      },
    });
    ctx.body = crossing;
  });

  return router;
}
