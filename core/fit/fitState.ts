import { cameraFirst, TURN } from './hand/layout';
import { fromVector, times, type Rotation } from './rotation';

/**
 * A hand on a bow as seen by its cameras. Turns are kept as rotations; their three places among the values stay 0 and
 * stand for a small further turn.
 */
export interface FitState {
  values: Float64Array;
  /** Of the hand: from its own frame into the bow's. */
  turn: Rotation;
  /** Of each camera: from the bow's frame into the camera's. */
  cameras: readonly Rotation[];
}

/** The state after a small change of its unknowns. */
export function moveState({ values, turn, cameras }: FitState, change: Float64Array): FitState {
  const next = values.map((value, i) => value + change[i]!);
  const turned = (rotation: Rotation, first: number) => {
    const [x, y, z] = change.subarray(first, first + 3) as unknown as [number, number, number];
    next.fill(0, first, first + 3);
    return times(fromVector(x, y, z), rotation);
  };
  return {
    values: next,
    turn: turned(turn, TURN),
    cameras: cameras.map((camera, i) => turned(camera, cameraFirst(i))),
  };
}
