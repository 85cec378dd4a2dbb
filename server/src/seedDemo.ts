import { existsSync, readdirSync } from 'node:fs';
import type { CheckInput, Group, LogEntry, Student, Walk } from '@open-palm/contract';
import { inTransaction } from './db/inTransaction';
import { bringIn } from './exchange/bringIn';
import { putGroup } from './features/groups/repo';
import { keepWalk } from './features/walks/service';
import { savePicture } from './features/pictures/service';
import { hasAnything, readFact, writeFact } from './studio/repo';
import type { StudioParts } from './studioParts';
import { BROUGHT_IN } from './maker';

/** An invented studio, as whatever invents it gives it. */
export interface InventedStudio {
  students: Student[];
  pictures: { id: string; jpeg: Buffer }[];
  checks: { id: string; input: CheckInput }[];
  log: LogEntry[];
  groups: Group[];
  walks: Walk[];
}

/** Makes it for a day and a time zone. */
export type InventStudio = (today: Date, zone: string) => InventedStudio | Promise<InventedStudio>;

/** What the studio notes of its demo: begun before the first picture is written, filled in one go with everything else. */
const DEMO = 'demo';

/**
 * Fills a new studio with the demo's invented students: in one go or not at all, and never beside anything of somebody's own.
 * A filling that broke off begins again.
 *
 * @param invent makes the students; the studio itself knows none
 * @returns how many checks were added
 */
export async function seedDemo(
  parts: StudioParts & { pictureDir: string },
  invent: InventStudio,
): Promise<number> {
  const { db, pictureDir, now, zone, deriver } = parts;
  const known = await readFact(db, DEMO);
  if (known === 'filled') return 0;
  if (await hasAnything(db)) return 0;
  // Pictures without a single student are somebody's whose database is gone, unless they are the demo's own.
  if (known === undefined && existsSync(pictureDir) && readdirSync(pictureDir).length > 0) return 0;
  await writeFact(db, DEMO, 'begun');
  const { students, pictures, checks, log, groups, walks } = await invent(now(), zone());
  for (const { id, jpeg } of pictures) await savePicture(parts, id, jpeg, BROUGHT_IN);
  const touched = await inTransaction(db, async (trx) => {
    const brought = { students, holds: [], checks, log, groups: [] };
    const { touched: setupIds } = await bringIn(trx, brought, now().toISOString(), BROUGHT_IN);
    const createdAt = now().toISOString();
    for (const group of groups) await putGroup(trx, { ...group, version: 1 }, createdAt);
    const walked: string[] = [];
    for (const { id, ...walk } of walks) {
      walked.push(...(await keepWalk(parts, trx, id, walk, BROUGHT_IN)).setups);
    }
    await writeFact(trx, DEMO, 'filled');
    return [...new Set([...setupIds, ...walked])];
  });
  deriver.wake(touched);
  return checks.length;
}
