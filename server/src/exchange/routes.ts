import { answers } from '@open-palm/words/answers';
import { Readable } from 'node:stream';
import { Router } from '@koa/router';
import type { Context } from 'koa';
import getRawBody from 'raw-body';
import { idSchema } from '@open-palm/contract';
import { correctionsSchema, DATE_ORDERS } from '@open-palm/contract/exchange';
import { Problem } from '../problem';
import { readBody, writtenBy } from '../readBody';
import type { StudioParts } from '../studioParts';
import { checksTable, studentsTable, studioJson } from './exportFiles';
import { importFile } from './importFile';
import type { MailFolders } from '../bin/mail';
import { openImportDesk } from './importDesk';
import type { ImportSettings } from './plan';
import type { ImportReader } from './importReader';

const LARGEST_IMPORT_BYTES = 48 * 1024 * 1024;

/** Students and looks as files, both ways. */
export function exchangeRoutes(
  parts: StudioParts & MailFolders & { importReader: ImportReader },
): Router {
  const { reader, zone, deriver, importReader } = parts;
  const imports = openImportDesk();
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
    ctx.body = await imports.during(importId(ctx), async (options) => {
      const read = await importReader(bytes, { zone: zone(), ...settingsOf(ctx) }, options);
      read.close();
      return read.preview;
    });
  });

  router.get('/import/progress', (ctx) => {
    ctx.body = imports.progress(importId(ctx) ?? '');
  });

  router.post('/import/cancel', (ctx) => {
    imports.cancel(importId(ctx) ?? '');
    ctx.body = imports.progress(importId(ctx) ?? '');
  });

  router.post('/import/:sha256', async (ctx) => {
    const bytes = await readFile(ctx);
    const asked = { sha256: ctx.params.sha256!, ...settingsOf(ctx) };
    const { maker } = writtenBy(ctx);
    ctx.body = await imports.during(importId(ctx), (options) =>
      importFile(parts, bytes, asked, maker, options),
    );
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

/** By which a page knows its own import again. */
const importId = ({ query }: Context): string | null => idSchema.safeParse(query.as).data ?? null;

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
