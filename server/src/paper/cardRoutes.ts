import { Router } from '@koa/router';
import { paperCardSchema } from '@open-palm/contract';
import { readBody } from '../readBody';
import type { StudioParts } from '../studioParts';
import { cardPdf } from './cardPdf';
import { drawCard } from './drawCard';

/** A practice card on paper: nothing is kept of it, the plan is. */
export function cardRoutes({
  reader,
  fontDir,
}: Pick<StudioParts, 'reader'> & { fontDir?: string }): Router {
  const router = new Router({ prefix: '/api/cards' });
  router.post('/pdf', async (ctx) => {
    const card = readBody(paperCardSchema, ctx.request.body);
    const drawn = await drawCard(
      reader,
      card,
      card.drills.map(({ drill }) => drill),
    );
    ctx.body = await cardPdf(card, drawn, fontDir);
    ctx.type = 'application/pdf';
    ctx.attachment('practice.pdf');
  });
  return router;
}
