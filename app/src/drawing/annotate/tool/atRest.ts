import type { ToolState, ToolWorld } from './toolTypes';

/** The state while nothing is touched. */
export const atRest = <Name extends string>(world: ToolWorld<Name>): ToolState<Name> => ({
  name: world.isConfirming() ? 'confirming' : 'idle',
});
