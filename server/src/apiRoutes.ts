import type { Router } from '@koa/router';
import type { Delays } from './access/delays';
import { ownerRoutes } from './access/ownerRoutes';
import { accessRoutes, standingRoutes } from './access/routes';
import type { DoorParts } from './access/visitor';
import type { BackupKeeper } from './backup/keeper';
import type { RestoreDesk } from './backup/restoreDesk';
import { backupRoutes } from './backup/routes';
import { binParts } from './bin/binParts';
import { binRoutes } from './bin/routes';
import { exchangeRoutes } from './exchange/routes';
import type { ImportReader } from './exchange/importReader';
import { checkRoutes } from './features/checks/routes';
import { crossingRoutes } from './features/crossings/routes';
import { groupRoutes } from './features/groups/routes';
import { holdRoutes } from './features/holds/routes';
import { lessonLogRoutes } from './features/lessonLog/routes';
import { pictureRoutes } from './features/pictures/routes';
import { relaxedHandRoutes } from './features/relaxedHands/routes';
import { reportRoutes } from './features/reports/routes';
import { rulerRoutes } from './features/ruler/routes';
import { studentRoutes } from './features/students/routes';
import { takeRoutes } from './features/takes/routes';
import { walkRoutes } from './features/walks/routes';
import { paperRoutes } from './paper/paperRoutes';
import type { PhoneWay } from './phones/phoneWay';
import { rememberRoutes } from './remember/routes';
import { settingsRoutes, studioRoutes, type StudioReport } from './studio/routes';
import type { ChosenSettings } from './studio/settings';
import type { StudioParts } from './studioParts';

/** What the studio's answers are made of. */
export interface ApiParts extends StudioParts, DoorParts {
  settings: ChosenSettings;
  /** How phones come in. */
  phones: PhoneWay;
  /** A name of the teacher's own, under which a proxy hands requests on. */
  publicOrigin?: string | undefined;
  /** Told once the studio has an owner. */
  onBegun?: () => void;
  /** Who guessed, on whichever port. */
  delays: Delays;
  /** Where pictures are kept. */
  pictureDir: string;
  /** Where mail is put that stands ready to be sent. */
  outboxDir: string;
  /** The faces that letters are printed in. */
  fontDir?: string;
  /** What was found when the studio was opened. */
  report: StudioReport;
  backups: BackupKeeper;
  restores: RestoreDesk;
  importReader: ImportReader;
  /** The studio's own folder. */
  dataDir: string;
}

/** Everything that can be asked of the studio. */
export const apiRoutes = (parts: ApiParts): Router[] => [
  standingRoutes(parts),
  ...doorRoutes(parts),
  settingsRoutes(parts),
  studentRoutes(parts),
  checkRoutes(parts),
  groupRoutes(parts),
  walkRoutes(parts),
  holdRoutes(parts),
  relaxedHandRoutes(parts),
  pictureRoutes(parts),
  lessonLogRoutes(parts),
  exchangeRoutes(parts),
  backupRoutes(parts),
  binRoutes(binParts(parts)),
  studioRoutes(parts),
  takeRoutes(parts),
  crossingRoutes(parts),
  reportRoutes(parts),
  rulerRoutes(parts),
  rememberRoutes(parts),
  paperRoutes(parts),
];

/** Where nobody signs in, nothing of it can be asked. */
function doorRoutes({ access, ...parts }: ApiParts): Router[] {
  if (access === null) return [];
  return [accessRoutes({ ...parts, access }), ownerRoutes({ ...parts, access })];
}
