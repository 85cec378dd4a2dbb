import { fileURLToPath } from 'node:url';
import { adoptEarlier } from './adoptEarlier';
import { inTransaction } from './db/inTransaction';
import { FolderTaken } from './db/lockFolder';
import { countFailures, countPending, markPending } from './derive/repo';
import { openStudio } from './openStudio';

/** Throws away all that is worked out of the studio's facts, and works it out anew. The studio must not be served meanwhile. */
const dataDir = process.env.DATA_DIR ?? 'data';
const say = (line: string) => process.stdout.write(`${line}\n`);

try {
  if (process.env.STUDIOS_DIR) adoptEarlier(process.env.STUDIOS_DIR);
  const studio = await openStudio({
    dataDir,
    workerFile: fileURLToPath(new URL('./worker.mjs', import.meta.url)),
    now: () => new Date(),
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    log: (entry) => process.stderr.write(`${JSON.stringify(entry)}\n`),
  });
  const { db, deriver } = studio;
  const from = performance.now();
  await inTransaction(db, (trx) => markPending(trx, 'all'));
  const looks = await countPending(db);
  await deriver.allSettled();
  const failed = await countFailures(db);
  const seconds = (performance.now() - from) / 1000;
  say(`${looks} looks were worked out anew in ${seconds.toFixed(1)} s; ${failed} could not be.`);
  await studio.close();
} catch (error) {
  if (!(error instanceof FolderTaken)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
