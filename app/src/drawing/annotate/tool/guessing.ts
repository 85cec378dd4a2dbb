import { follow } from './following';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** A guess follows the finger: it is better then, but does not count before it is called right. */
export const guessing = <Name extends string>(
  state: Extract<ToolState<Name>, { name: 'guessing' }>,
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> => follow(state, event, world);
