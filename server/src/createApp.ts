import { bodyParser } from '@koa/bodyparser';
import Koa from 'koa';
import compress from 'koa-compress';
import { apiRoutes, type ApiParts } from './apiRoutes';
import { door } from './access/door';
import { accessLog, type Asked } from './middleware/accessLog';
import { builds } from './middleware/builds';
import { refuseErased } from './erase/refuseErased';
import { faultOf } from './faultOf';
import { errors, type Log } from './middleware/errors';
import { ownNamesOnly } from './middleware/ownNamesOnly';
import { headers, ownPageOnly } from './middleware/surface';
import { serveWebApp } from './middleware/webApp';
import { readingOnly } from './reading/readingOnly';
import type { WriteTrouble } from './reading/writeTrouble';
import { whichStudio } from './middleware/whichStudio';

export interface AppParts extends ApiParts {
  /** The built app; without it only the API answers. */
  webDir?: string;
  /** Which build of Open Palm this is. */
  build: string;
  log: Log;
  /** Why the studio can only be read, where it can. */
  reading?: WriteTrouble | null;
  /** Where it is noted what was asked for. */
  noteAsked?: (asked: Asked) => void;
}

/** How a connection ends that the other side has left. */
const GIVEN_UP = new Set(['ERR_STREAM_PREMATURE_CLOSE', 'ECONNRESET', 'EPIPE']);

/** The server without a port: errors first, then who may ask, then what is asked. */
export function createApp(parts: AppParts): Koa {
  const { webDir, build, studioId, listener, log, noteAsked } = parts;
  const app = new Koa();
  if (listener.kind === 'proxy') {
    // What the teacher's own proxy adds is the last one in the list; what stands before it, anybody may have written.
    app.proxy = true;
    app.maxIpsCount = 1;
  }
  app.on('error', (error: NodeJS.ErrnoException) => {
    // Whoever leaves a page gives up what it was still loading: that is no fault.
    if (!GIVEN_UP.has(error.code ?? '')) log({ level: 'error', stack: faultOf(error) });
  });
  if (noteAsked) app.use(accessLog(noteAsked, listener, parts.now));
  app.use(errors(log));
  app.use(builds(build));
  app.use(headers);
  app.use(ownNamesOnly(listener));
  app.use(ownPageOnly);
  app.use(readingOnly(parts.reading ?? null));
  app.use(whichStudio(studioId));
  app.use(door(parts));
  // The list of a studio's students shrinks to a sixth on the way. Pictures, clips and backups are packed as they are.
  app.use(compress());
  app.use(bodyParser({ enableTypes: ['json'], jsonLimit: '1mb' }));
  app.use(refuseErased(parts));
  for (const router of apiRoutes(parts)) app.use(router.routes());
  if (webDir !== undefined) serveWebApp(app, webDir);
  return app;
}
