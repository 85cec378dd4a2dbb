import { bodyParser } from '@koa/bodyparser';
import Koa from 'koa';
import { exchangeRoutes } from './exchange/routes';
import { checkRoutes } from './features/checks/routes';
import { crossingRoutes } from './features/crossings/routes';
import { holdRoutes } from './features/holds/routes';
import { lessonLogRoutes } from './features/lessonLog/routes';
import { reportRoutes } from './features/reports/routes';
import { pictureRoutes } from './features/pictures/routes';
import { relaxedHandRoutes } from './features/relaxedHands/routes';
import { studentRoutes } from './features/students/routes';
import { takeRoutes } from './features/takes/routes';
import { builds } from './middleware/builds';
import { errors, type Log } from './middleware/errors';
import { localOnly } from './middleware/localOnly';
import { serveWebApp } from './middleware/webApp';
import { studioRoutes, type StudioReport } from './studio/routes';
import type { StudioParts } from './studioParts';

export interface AppParts extends StudioParts {
  /** Where pictures are kept. */
  pictureDir: string;
  /** Where mail is put that stands ready to be sent. */
  outboxDir: string;
  /** The faces that letters are printed in. */
  fontDir?: string;
  /** The built app; without it only the API answers. */
  webDir?: string;
  /** Which build of Open Palm this is. */
  build: string;
  /** What was found when the studio was opened. */
  report: StudioReport;
  log: Log;
}

/** How a connection ends that the other side has left. */
const GIVEN_UP = new Set(['ERR_STREAM_PREMATURE_CLOSE', 'ECONNRESET', 'EPIPE']);

/** The server without a port: errors first, then who may ask, then what is asked. */
export function createApp(parts: AppParts): Koa {
  const { db, reader, pictureDir, outboxDir, fontDir, webDir, now, build, log } = parts;
  const app = new Koa();
  app.on('error', (error: NodeJS.ErrnoException) => {
    // Whoever leaves a page gives up what it was still loading: that is no fault.
    if (!GIVEN_UP.has(error.code ?? '')) log({ level: 'error', stack: error.stack });
  });
  app.use(errors(log));
  app.use(builds(build));
  app.use(localOnly);
  app.use(bodyParser({ enableTypes: ['json'], jsonLimit: '1mb' }));
  for (const routes of [
    studentRoutes(parts),
    checkRoutes(parts),
    holdRoutes({ db, reader, now }),
    relaxedHandRoutes({ db, now }),
    pictureRoutes({ db, reader, pictureDir, now }),
    lessonLogRoutes(parts),
    exchangeRoutes(parts),
    studioRoutes(parts),
    takeRoutes({ db, reader, now }),
    crossingRoutes({ db, reader, now }),
    reportRoutes({ db, reader, pictureDir, outboxDir, fontDir, now }),
  ]) {
    app.use(routes.routes());
  }
  if (webDir !== undefined) serveWebApp(app, webDir);
  return app;
}
