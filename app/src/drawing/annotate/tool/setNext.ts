import type { Vec2 } from '@open-palm/core/units';
import { following } from './following';
import type { ToolState, ToolWorld } from './toolTypes';

/** Sets the next mark where an empty place was touched; it follows the finger until that is lifted. */
export function setNext<Name extends string>(
  world: ToolWorld<Name>,
  name: Name,
  at: Vec2,
): ToolState<Name> {
  world.begin(name, true);
  world.set(name, world.pictureAt(at));
  return following(world, { mark: name, offset: { x: 0, y: 0 }, isNew: true });
}
