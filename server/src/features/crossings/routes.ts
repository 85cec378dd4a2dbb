import { Router } from '@koa/router';
import type { Knex } from 'knex';
import { crossingInputSchema, type Crossing } from '@open-palm/contract';
import { bodyHash } from '../../bodyHash';
import { notFound, Problem } from '../../problem';
import { readBody, readId } from '../../readBody';
import { setupExists, studentExists } from '../../references/repo';
import { addCrossing, crossingHashOf, newestCrossings } from './repo';

/** Crossings that a screen shows. */
const MOST = 20;

export function crossingRoutes({ db, now }: { db: Knex; now: () => Date }): Router {
  const router = new Router({ prefix: '/api/crossings' });

  router.get('/', async (ctx) => {
    const setupId = readId(String(ctx.query.setup));
    ctx.body = { crossings: await newestCrossings(db, setupId, MOST) };
  });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(crossingInputSchema, ctx.request.body);
    const crossing: Crossing = { ...input, id, seenAt: new Date(input.seenAt).toISOString() };
    const bodySha256 = bodyHash(input);
    const known = await crossingHashOf(db, id);
    if (known !== undefined && known !== bodySha256) {
      throw new Problem(409, 'conflict', 'This id already belongs to other crossings.', 'id');
    }
    if (known === undefined) {
      if (!(await studentExists(db, input.studentId))) throw notFound('student', 'studentId');
      if (!(await setupExists(db, input.studentId, input.setupId))) {
        throw notFound('instrument of this student', 'setupId');
      }
      await addCrossing(db, crossing, { bodySha256, createdAt: now().toISOString() });
    }
    ctx.body = crossing;
  });

  return router;
}
