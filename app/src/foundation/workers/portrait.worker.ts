import { expose } from 'comlink';
import type { DrawnHold } from '@open-palm/core/pose';
import {
  drawFitted,
  drawBare,
  fittedMesh,
  GripDrawer,
  wantedMesh,
  type BareDrawing,
  type BareOrder,
  type FittedOrder,
  type GripDrawing,
  type GripOrder,
  type HandMesh,
  type Portrait,
} from '@open-palm/core/portrait';

const drawer = new GripDrawer();

/** Adapter only: a hand posed and drawn away from the screen's own thread. */
const api = {
  draw: (order: GripOrder): GripDrawing => drawer.draw(order),
  bare: (order: BareOrder): BareDrawing => drawBare(order),
  fitted: (order: FittedOrder): Portrait => drawFitted(order),
  fittedMesh: (points: FittedOrder['pointsMm'], side: 'right' | 'left'): HandMesh =>
    fittedMesh(points, side),
  wantedMesh: (
    hold: DrawnHold,
    points: FittedOrder['pointsMm'],
    side: 'right' | 'left',
  ): HandMesh => wantedMesh(hold, points, side),
};

export type PortraitWorker = typeof api;

expose(api);
