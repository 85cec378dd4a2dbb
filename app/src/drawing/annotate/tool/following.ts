import { atRest } from './atRest';
import type { Following, ToolEvent, ToolState, ToolWorld } from './toolTypes';

/** A mark that follows the finger: a guess stays one, whatever is done with it, until it is called right. */
export const following = <Name extends string>(
  world: ToolWorld<Name>,
  how: Following<Name>,
): ToolState<Name> => ({ name: world.isGuess(how.mark) ? 'guessing' : 'dragging', ...how });

/** Letting go keeps it, a cancel brings it back to where it was. */
export function follow<Name extends string, State extends ToolState<Name> & Following<Name>>(
  state: State,
  event: ToolEvent,
  world: ToolWorld<Name>,
): ToolState<Name> {
  const { mark, offset, isNew } = state;
  switch (event.type) {
    case 'move':
      world.set(mark, world.pictureAt({ x: event.at.x + offset.x, y: event.at.y + offset.y }));
      return state;
    case 'up':
      world.commit(isNew);
      return atRest(world);
    case 'cancel':
      world.revert();
      return atRest(world);
    case 'down':
      return state;
  }
}
