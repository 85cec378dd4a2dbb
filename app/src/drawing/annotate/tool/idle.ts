import { touched } from './touched';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** Nothing is touched: a touch of an empty place sets the next mark. */
export const idle = <Name extends string>(
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> => touched(event, world);
