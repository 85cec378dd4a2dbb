import { IDLE } from './idle';
import type { ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** A mark follows the finger: letting go keeps it, a cancel brings it back to where it was. */
export function dragging(
  state: Extract<ToolState, { name: 'dragging' }>,
  event: ToolEvent,
  world: ToolWorld,
): ToolState {
  const { mark, offset, isNew } = state;
  switch (event.type) {
    case 'move': {
      const at = world.pictureAt({ x: event.at.x + offset.x, y: event.at.y + offset.y });
      world.change({ type: 'set', name: mark, at });
      return state;
    }
    case 'up':
      world.change({ type: 'commit', advance: isNew });
      return IDLE;
    case 'cancel':
      world.change({ type: 'revert' });
      return IDLE;
    case 'down':
      return state;
  }
}
