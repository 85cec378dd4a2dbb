import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import type { ToolWorld } from './toolTypes';

/** Sets the next point where an empty place was touched; a guess that stood in its way is given up with that. */
export function setNext(world: ToolWorld, name: PointName, at: Vec2): void {
  const { givenUp } = world;
  if (givenUp.length > 0) world.change({ type: 'refuse', names: givenUp });
  world.change({ type: 'begin' });
  world.change({ type: 'set', name, at: world.pictureAt(at) });
}
