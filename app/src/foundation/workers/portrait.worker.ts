import { expose } from 'comlink';
import type { DrawnHold, HandBuild } from '@open-palm/core/pose';
import {
  drawFitted,
  drawHanging,
  fittedMesh,
  GripDrawer,
  wantedMesh,
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
  hanging: (build: HandBuild): Portrait => drawHanging(build),
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
