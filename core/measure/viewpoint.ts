import type { Vec3 } from '../units';
import poses from './data/viewPoses.json' with { type: 'json' };
import type { View } from './view';

/**
 * From the hand toward the camera of a view, in the bow's frame of a right hand: x to the bow's tip, y away from the
 * hair, z to the fingers' side; length 1.
 */
export function towardCamera(view: View): Vec3 {
  const [x, y, z] = poses.toward[view] as [number, number, number];
  const length = Math.hypot(x, y, z);
  return { x: x / length, y: y / length, z: z / length };
}
