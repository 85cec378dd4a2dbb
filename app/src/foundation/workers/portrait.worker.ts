import { expose } from 'comlink';
import { GripDrawer, type GripDrawing, type GripOrder } from '@open-palm/core/portrait';

const drawer = new GripDrawer();

/** Adapter only: a hand posed and drawn away from the screen's own thread. */
const api = {
  draw: (order: GripOrder): GripDrawing => drawer.draw(order),
};

export type PortraitWorker = typeof api;

expose(api);
