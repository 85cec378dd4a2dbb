import { Router } from '@koa/router';
import { paperCardSchema, paperTermSchema } from '@open-palm/contract';
import { readBody } from '../readBody';
import type { StudioParts } from '../studioParts';
import { cardPdf } from './cardPdf';
import { drawCard } from './drawCard';
import { drawTerm } from './drawTerm';
import { termPdf } from './termPdf';

/** What is printed as it was written in the app: nothing is kept of it here, the lesson log is where it stands. */
export function paperRoutes({
  reader,
  fontDir,
}: Pick<StudioParts, 'reader'> & { fontDir?: string }): Router {
  const router = new Router({ prefix: '/api' });
  router.post('/cards/pdf', async (ctx) => {
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
  router.post('/terms/pdf', async (ctx) => {
    const page = readBody(paperTermSchema, ctx.request.body);
    ctx.body = await termPdf(page, await drawTerm(reader, page), fontDir);
    ctx.type = 'application/pdf';
    ctx.attachment('term.pdf');
  });
  return router;
}
