import { Router } from '@koa/router';
import { studioSettingsSchema, type StudioState } from '@open-palm/contract';
import { countFailures, countPending, staleSetups } from '../derive/repo';
import { missingPictures } from '../features/pictures/repo';
import { readBody } from '../readBody';
import type { StudioParts } from '../studioParts';
import type { ChosenSettings } from './settings';

/** What was found when the studio was opened, for a person to know. */
export interface StudioReport {
  /** Files that belong to nothing here and were set aside, and where. */
  setAside: { files: number; folder: string } | null;
}

/** What the studio chose for itself. */
export function settingsRoutes({
  deriver,
  db,
  settings,
}: StudioParts & { settings: ChosenSettings }): Router {
  const router = new Router({ prefix: '/api/settings' });
  router.put('/', async (ctx) => {
    const chosen = readBody(studioSettingsSchema, ctx.request.body);
    if (await settings.keep(chosen)) deriver.wake(await staleSetups(db));
    ctx.body = chosen;
  });
  return router;
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
