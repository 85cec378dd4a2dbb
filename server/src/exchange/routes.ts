import { answers } from '@open-palm/words/answers';
import { Readable } from 'node:stream';
import { Router } from '@koa/router';
import type { Context } from 'koa';
import getRawBody from 'raw-body';
import { correctionsSchema, DATE_ORDERS } from '@open-palm/contract/exchange';
import { goneFrom } from '../erase/refuseErased';
import { Problem } from '../problem';
import { readBody, writtenBy } from '../readBody';
import type { StudioParts } from '../studioParts';
import { checksTable, studentsTable, studioJson } from './exportFiles';
import { importFile } from './importFile';
import { planImport, type ImportSettings } from './importPlan';

const LARGEST_IMPORT_BYTES = 48 * 1024 * 1024;

/** Students and looks as files, both ways. */
export function exchangeRoutes(parts: StudioParts): Router {
  const { reader, zone, deriver, erased } = parts;
  const router = new Router({ prefix: '/api' });
  const download = (ctx: Context, name: string, type: string) => {
    ctx.type = type;
    ctx.set('Content-Disposition', `attachment; filename="${name}"`);
  };

  router.get('/export/students.csv', async (ctx) => {
    download(ctx, 'students.csv', 'text/csv; charset=utf-8');
    ctx.body = await studentsTable(reader);
  });

  router.get('/export/checks.csv', async (ctx) => {
    await deriver.allSettled();
    download(ctx, 'checks.csv', 'text/csv; charset=utf-8');
    ctx.body = Readable.from(checksTable(reader));
  });

  router.get('/export/studio.json', async (ctx) => {
    await deriver.allSettled();
    download(ctx, 'studio.json', 'application/json; charset=utf-8');
    ctx.body = Readable.from(studioJson(reader));
  });

  // The file comes as its own bytes: how it is written is for the studio to find out.
  router.post('/import/preview', async (ctx) => {
    const bytes = await readFile(ctx);
    const isGone = await goneFrom(reader, erased);
    const plan = await planImport(reader, bytes, { zone: zone(), isGone, ...settingsOf(ctx) });
    ctx.body = plan.preview;
  });

  router.post('/import/:sha256', async (ctx) => {
    const bytes = await readFile(ctx);
    const sha256 = ctx.params.sha256!;
    ctx.body = await importFile(parts, bytes, { sha256, ...settingsOf(ctx) }, writtenBy(ctx).maker);
  });

  return router;
}

/** The kind that files come as: a page from elsewhere cannot send it without being asked about first. */
const FILE_TYPE = 'application/octet-stream';

async function readFile(ctx: Context): Promise<Uint8Array> {
  if (!ctx.is(FILE_TYPE)) {
    throw new Problem(415, 'malformed', answers.fileForm(FILE_TYPE), 'Content-Type');
  }
  return getRawBody(ctx.req, { limit: LARGEST_IMPORT_BYTES }).catch((error) => {
    if (error.type !== 'entity.too.large') throw error;
    const message = answers.fileTooLarge(LARGEST_IMPORT_BYTES / 1024 / 1024);
    throw new Problem(413, 'tooLarge', message, 'body');
  });
}

/** What a person said about the file stands in the address, beside the file's own bytes. */
function settingsOf({ query }: Context): ImportSettings {
  const dateOrder = DATE_ORDERS.find((order) => order === query.dateOrder) ?? null;
  let corrections: unknown = [];
  try {
    corrections = JSON.parse(String(query.corrections ?? '[]'));
  } catch {
    throw new Problem(400, 'notJson', answers.correctionsForm, 'corrections');
  }
  return { dateOrder, corrections: readBody(correctionsSchema, corrections) };
}
