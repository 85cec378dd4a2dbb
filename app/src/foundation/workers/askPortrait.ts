import type { DrawnHold } from '@open-palm/core/pose';
import type {
  BareDrawing,
  BareOrder,
  FittedOrder,
  GripDrawing,
  GripOrder,
  HandMesh,
  Portrait,
} from '@open-palm/core/portrait';
import type { PortraitWorker } from './portrait.worker';
import { WorkerLine } from './WorkerLine';

let line: WorkerLine<PortraitWorker> | undefined;

/** The worker that poses and draws hands, started once and kept. One that is gone is followed by another. */
function drawer(): WorkerLine<PortraitWorker> {
  if (!line || line.gone) {
    line = new WorkerLine(new Worker(new URL('./portrait.worker', import.meta.url)));
  }
  return line;
}

/**
 * A hand for measures, drawn.
 *
 * @throws WorkerGone
 */
export const askPortrait = (order: GripOrder): Promise<GripDrawing> =>
  drawer().ask<GripDrawing>((api) => api.draw(order));

/**
 * A hand that holds nothing, drawn.
 *
 * @throws WorkerGone
 */
export const askBare = (order: BareOrder): Promise<BareDrawing> =>
  drawer().ask<BareDrawing>((api) => api.bare(order));

/**
 * A hand that was fitted to pictures, drawn from anywhere.
 *
 * @throws WorkerGone
 */
export const askFitted = (order: FittedOrder): Promise<Portrait> =>
  drawer().ask<Portrait>((api) => api.fitted(order));

/**
 * The skin of a fitted hand in space.
 *
 * @throws WorkerGone
 */
export const askFittedMesh = (
  points: FittedOrder['pointsMm'],
  side: 'right' | 'left',
): Promise<HandMesh> => drawer().ask<HandMesh>((api) => api.fittedMesh(points, side));

/**
 * The skin of the hand that a hold wants, as large as a fitted hand.
 *
 * @throws WorkerGone
 */
export const askWantedMesh = (
  hold: DrawnHold,
  points: FittedOrder['pointsMm'],
  side: 'right' | 'left',
): Promise<HandMesh> => drawer().ask<HandMesh>((api) => api.wantedMesh(hold, points, side));
