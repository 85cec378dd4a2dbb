import { Router } from '@koa/router';
import { reportInputSchema, mailInputSchema } from '@open-palm/contract';
import { readBody, readEdit, readId, writtenBy } from '../../readBody';
import { loadReport, mailReport, printReport, saveReport, type ReportParts } from './service';

/** A check has one report at most, so the check's id is the report's. */
export function reportRoutes(parts: ReportParts): Router {
  const router = new Router({ prefix: '/api/letters' });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(reportInputSchema, ctx.request.body);
    ctx.body = await saveReport(parts, id, input, writtenBy(ctx).maker, readEdit(ctx));
  });

  router.get('/:id', async (ctx) => {
    ctx.body = await loadReport(parts.reader, readId(ctx.params.id));
  });

  router.get('/:id/pdf', async (ctx) => {
    ctx.body = await printReport(parts, readId(ctx.params.id));
    ctx.type = 'application/pdf';
    ctx.set('Content-Disposition', 'attachment; filename="feedback.pdf"');
  });

  router.put('/:id/mail', async (ctx) => {
    const { to } = readBody(mailInputSchema, ctx.request.body);
    ctx.body = { file: await mailReport(parts, readId(ctx.params.id), to) };
  });

  return router;
}
