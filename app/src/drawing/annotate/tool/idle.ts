import { setNext } from './setNext';
import { atRest } from './atRest';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** Nothing is touched: a touch on a mark points at it, on an empty place it sets the next one. */
export function idle<Name extends string>(
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> {
  if (event.type !== 'down') return atRest(world);
  const mark = world.markAt(event.at);
  if (mark) return { name: 'pointing', mark, from: event.at };
  const next = world.next();
  return next ? setNext(world, next, event.at) : atRest(world);
}
