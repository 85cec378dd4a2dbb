import type { FitState } from '../fitState';
import { CAMERA, cameraFirst } from '../hand/layout';
import type { Rotation } from '../rotation';

/** The place in the bow's frame at which a camera's scale holds: about the middle of a hand on the frog, mm. */
export const CENTRE = [0, 15, -30] as const;

/** A place in a picture, and how it moves with the place in space and with the camera. */
export interface Projected {
  x: number;
  y: number;
  /** By the three coordinates in space. */
  xBy: readonly [number, number, number];
  yBy: readonly [number, number, number];
  /** By the camera's turn (3), scale, across, down, distance. */
  xByCamera: Float64Array;
  yByCamera: Float64Array;
}

/** The numbers of one camera, ready to project with. */
export interface Lens {
  turn: Rotation;
  scale: number;
  across: number;
  down: number;
  distanceMm: number;
}

/** The camera of a picture as a fit has it now, ready to show places in space. */
export function lensOf({ values, cameras }: FitState, picture: number): Lens {
  const first = cameraFirst(picture);
  return {
    turn: cameras[picture]!,
    scale: Math.exp(values[first + CAMERA.scale]!),
    across: values[first + CAMERA.across]!,
    down: values[first + CAMERA.down]!,
    distanceMm: Math.exp(values[first + CAMERA.distance]!),
  };
}

/** Where a place shows: a perspective camera whose scale holds at the middle of the hand; pixels, y down. */
export function show(lens: Lens, x: number, y: number, z: number): { x: number; y: number } {
  const [p, q, r] = inCamera(lens.turn, x, y, z);
  const near = lens.scale / (1 - r / lens.distanceMm);
  return { x: lens.across + near * p, y: lens.down - near * q };
}

/** The same with its derivatives. */
export function project(lens: Lens, x: number, y: number, z: number): Projected {
  const { turn, scale, distanceMm } = lens;
  const [p, q, r] = inCamera(turn, x, y, z);
  const w = 1 - r / distanceMm;
  const near = scale / w;
  // d(near)/dr = near / (w · distance)
  const deeper = near / (w * distanceMm);
  const by = (i: number, sign: 1 | -1, value: number): [number, number, number] =>
    [0, 1, 2].map((k) => sign * (near * turn[3 * i + k]! + value * deeper * turn[6 + k]!)) as [
      number,
      number,
      number,
    ];
  // A further turn δ moves (p, q, r) by δ × (p, q, r).
  const xByCamera = Float64Array.of(
    deeper * p * q,
    near * r - deeper * p * p,
    -near * q,
    near * p,
    1,
    0,
    (-near * p * r) / (w * distanceMm),
  );
  const yByCamera = Float64Array.of(
    near * r - deeper * q * q,
    deeper * q * p,
    -near * p,
    -near * q,
    0,
    1,
    (near * q * r) / (w * distanceMm),
  );
  return {
    x: lens.across + near * p,
    y: lens.down - near * q,
    xBy: by(0, 1, p),
    yBy: by(1, -1, q),
    xByCamera,
    yByCamera,
  };
}

function inCamera(turn: Rotation, x: number, y: number, z: number): [number, number, number] {
  const [a, b, c] = [x - CENTRE[0], y - CENTRE[1], z - CENTRE[2]];
  return [
    turn[0]! * a + turn[1]! * b + turn[2]! * c,
    turn[3]! * a + turn[4]! * b + turn[5]! * c,
    turn[6]! * a + turn[7]! * b + turn[8]! * c,
  ];
}
