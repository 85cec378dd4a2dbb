import { setNext } from './setNext';
import { atRest } from './atRest';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/**
 * Guesses are looked at: a touch on one points at it. Beside them a touch says nothing, but where there is one thing that it can say:
 * where a single guess really is, or that the bow of the last picture does not fit.
 */
export function confirming<Name extends string>(
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> {
  if (event.type !== 'down') return atRest(world);
  const mark = world.markAt(event.at);
  if (mark) return { name: 'pointing', mark, from: event.at };
  const said = world.next();
  return said ? setNext(world, said, event.at) : atRest(world);
}
