import { touched } from './touched';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/**
 * Guesses are looked at. Beside them a touch says nothing, but where there is one thing that it can say: where a single guess really is,
 * or that the bow of the last picture does not fit.
 */
export const confirming = <Name extends string>(
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> => touched(event, world);
