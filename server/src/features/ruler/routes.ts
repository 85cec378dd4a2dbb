import { Router } from '@koa/router';
import { PAPERS } from '@open-palm/contract';
import { rulerPdf } from './rulerPdf';

/** The page that a device's camera and finger are checked with. */
export function rulerRoutes({ fontDir }: { fontDir?: string }): Router {
  const router = new Router({ prefix: '/api/ruler' });
  router.get('/page.pdf', async (ctx) => {
    const paper = PAPERS.find((one) => one === ctx.query.paper) ?? 'A4';
    ctx.type = 'application/pdf';
    ctx.attachment('open-palm-ruler.pdf');
    ctx.body = await rulerPdf(paper, fontDir);
  });
  return router;
}
