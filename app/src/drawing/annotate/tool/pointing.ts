import { following } from './following';
import { atRest } from './atRest';
import { setNext } from './setNext';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** How far a finger may tremble before it drags, px of the screen. */
const SLOP_PX = 4;

/** A tap this near to a mark means the mark, whatever is asked for, px of the screen. */
const ON_MARK_PX = 7;

/** A mark is touched but not moved yet: letting go chooses it, moving on drags it. */
export function pointing<Name extends string>(
  state: Extract<ToolState<Name>, { name: 'pointing' }>,
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> {
  const { mark, from } = state;
  switch (event.type) {
    case 'move': {
      if (Math.hypot(event.at.x - from.x, event.at.y - from.y) < SLOP_PX) return state;
      const place = world.screenOf(mark);
      // The mark keeps its distance to the finger, so that it does not jump under it.
      const offset = { x: place.x - from.x, y: place.y - from.y };
      world.begin(mark, false);
      world.set(mark, world.pictureAt({ x: event.at.x + offset.x, y: event.at.y + offset.y }));
      return following(world, { mark, offset, isNew: false });
    }
    case 'up': {
      const place = world.screenOf(mark);
      const meansMark = Math.hypot(event.at.x - place.x, event.at.y - place.y) <= ON_MARK_PX;
      const next = world.next();
      if (meansMark || !next) {
        world.choose(mark);
      } else {
        // Joints lie close together: a tap beside a mark, while a point is asked for, sets that point.
        setNext(world, next, event.at);
        world.commit(true);
      }
      return atRest(world);
    }
    case 'cancel':
      return atRest(world);
    case 'down':
      return state;
  }
}
