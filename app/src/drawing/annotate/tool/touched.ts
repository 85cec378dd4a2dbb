import { setNext } from './setNext';
import { atRest } from './atRest';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** What a touch makes of a tool at rest: on a mark it points at it, beside all of them it sets what is next, if anything is. */
export function touched<Name extends string>(
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> {
  if (event.type !== 'down') return atRest(world);
  const mark = world.markAt(event.at);
  if (mark) return { name: 'pointing', mark, from: event.at };
  const next = world.next();
  return next ? setNext(world, next, event.at) : atRest(world);
}
