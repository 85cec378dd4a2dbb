import { follow } from './following';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** A mark follows the finger. */
export const dragging = <Name extends string>(
  state: Extract<ToolState<Name>, { name: 'dragging' }>,
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> => follow(state, event, world);
