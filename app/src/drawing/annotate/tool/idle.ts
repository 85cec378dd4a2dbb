import { setNext } from './setNext';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

export const IDLE: ToolState = { name: 'idle' };

/** Nothing is touched: a touch on a mark points at it, on an empty place it sets the next point. */
export function idle(event: ToolEvent, world: ToolWorld): ToolState {
  if (event.type !== 'down') return IDLE;
  const mark = world.markAt(event.at);
  if (mark) return { name: 'pointing', mark, from: event.at };
  if (!world.next) return IDLE;
  setNext(world, world.next, event.at);
  return { name: 'dragging', mark: world.next, offset: { x: 0, y: 0 }, isNew: true };
}
