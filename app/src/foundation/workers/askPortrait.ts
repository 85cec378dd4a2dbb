import type { GripDrawing, GripOrder } from '@open-palm/core/portrait';
import type { PortraitWorker } from './portrait.worker';
import { WorkerLine } from './WorkerLine';

let line: WorkerLine<PortraitWorker> | undefined;

/**
 * A hand drawn in a worker that is started once and kept. One that is gone is followed by another.
 *
 * @throws WorkerGone
 */
export function askPortrait(order: GripOrder): Promise<GripDrawing> {
  if (!line || line.gone) {
    line = new WorkerLine(new Worker(new URL('./portrait.worker', import.meta.url)));
  }
  return line.ask<GripDrawing>((api) => api.draw(order));
}
