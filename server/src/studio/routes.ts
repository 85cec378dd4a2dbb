import { Router } from '@koa/router';
import type { StudioState } from '@open-palm/contract';
import { countFailures, countPending } from '../derive/repo';
import { missingPictures } from '../features/pictures/repo';
import type { StudioParts } from '../studioParts';

/** What was found when the studio was opened, for a person to know. */
export interface StudioReport {
  /** Files that belong to nothing here and were set aside, and where. */
  setAside: { files: number; folder: string } | null;
}

/** How the studio itself is. */
export function studioRoutes({ reader, report }: StudioParts & { report: StudioReport }): Router {
  const router = new Router({ prefix: '/api/studio' });

  router.get('/', async (ctx) => {
    const state: StudioState = {
      setAside: report.setAside,
      missingPictures: await missingPictures(reader),
      pendingLooks: await countPending(reader),
      unworkable: await countFailures(reader),
    };
    ctx.body = state;
  });

  return router;
}
