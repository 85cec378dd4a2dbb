import type { Router } from '@koa/router';
import { exchangeRoutes } from './exchange/routes';
import { checkRoutes } from './features/checks/routes';
import { crossingRoutes } from './features/crossings/routes';
import { holdRoutes } from './features/holds/routes';
import { lessonLogRoutes } from './features/lessonLog/routes';
import { pictureRoutes } from './features/pictures/routes';
import { relaxedHandRoutes } from './features/relaxedHands/routes';
import { reportRoutes } from './features/reports/routes';
import { studentRoutes } from './features/students/routes';
import { takeRoutes } from './features/takes/routes';
import { studioRoutes, type StudioReport } from './studio/routes';
import type { StudioParts } from './studioParts';

/** What the studio's answers are made of. */
export interface ApiParts extends StudioParts {
  /** Where pictures are kept. */
  pictureDir: string;
  /** Where mail is put that stands ready to be sent. */
  outboxDir: string;
  /** The faces that letters are printed in. */
  fontDir?: string;
  /** What was found when the studio was opened. */
  report: StudioReport;
}

/** Everything that can be asked of the studio. */
export const apiRoutes = (parts: ApiParts): Router[] => [
  studentRoutes(parts),
  checkRoutes(parts),
  holdRoutes(parts),
  relaxedHandRoutes(parts),
  pictureRoutes(parts),
  lessonLogRoutes(parts),
  exchangeRoutes(parts),
  studioRoutes(parts),
  takeRoutes(parts),
  crossingRoutes(parts),
  reportRoutes(parts),
];
