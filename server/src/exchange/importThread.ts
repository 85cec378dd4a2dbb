import { join } from 'node:path';
import { parentPort, workerData } from 'node:worker_threads';
import { DATABASE_NAME } from '@open-palm/contract';
import { openReader } from '../db/openDatabase';
import { openErased } from '../erase/erasedIds';
import { goneFrom } from '../erase/refuseErased';
import { faultOf } from '../faultOf';
import { batchCount, batchesOf } from './importBatches';
import { planImport } from './importPlan';
import type { PlanOrder, PlanSaid } from './importReader';

/** What the thread runs that reads a file which is to be imported. */
const say = (said: PlanSaid) => parentPort?.postMessage(said);

async function read({ dataDir, bytes, settings }: PlanOrder): Promise<void> {
  const reader = openReader(join(dataDir, DATABASE_NAME));
  try {
    const isGone = await goneFrom(reader, openErased(dataDir));
    const plan = await planImport(reader, bytes, { ...settings, isGone }, (share) =>
      say({ share }),
    );
    const pieces = batchesOf(plan);
    parentPort?.on('message', () => say({ piece: pieces.next().value ?? null }));
    say({ preview: plan.preview, pieces: batchCount(plan) });
  } finally {
    await reader.destroy();
  }
}

read(workerData as PlanOrder).catch((error: unknown) => say({ fault: faultOf(error) }));
