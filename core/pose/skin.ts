import { CARRY, type PosedHand } from './posedHand';
import { readRestSkin, type RestSkin } from './rig';

let atRest: RestSkin | undefined;

/** The skin at rest, read once. */
export const restSkin = (): RestSkin => (atRest ??= readRestSkin());

/** The skin of a posed hand by linear blending: x, y, z of each place, mm in the bow's frame. */
export function skinOf({ carry }: PosedHand): Float64Array {
  const { places, first, joints, weights } = restSkin();
  const out = new Float64Array(places.length);
  for (let v = 0; 3 * v < places.length; v += 1) {
    const [px, py, pz] = [places[3 * v]!, places[3 * v + 1]!, places[3 * v + 2]!];
    let [x, y, z] = [0, 0, 0];
    for (let k = first[v]!; k < first[v + 1]!; k += 1) {
      const [m, w] = [CARRY * joints[k]!, weights[k]!];
      x += w * (carry[m]! * px + carry[m + 1]! * py + carry[m + 2]! * pz + carry[m + 9]!);
      y += w * (carry[m + 3]! * px + carry[m + 4]! * py + carry[m + 5]! * pz + carry[m + 10]!);
      z += w * (carry[m + 6]! * px + carry[m + 7]! * py + carry[m + 8]! * pz + carry[m + 11]!);
    }
    out[3 * v] = x;
    out[3 * v + 1] = y;
    out[3 * v + 2] = z;
  }
  return out;
}

/** Of each place of the skin the rig's joint that carries it most. */
export function mainJoints(): Uint8Array {
  const { first, joints, weights } = restSkin();
  return Uint8Array.from({ length: first.length - 1 }, (_, v) => {
    let most = first[v]!;
    for (let k = most + 1; k < first[v + 1]!; k += 1) if (weights[k]! > weights[most]!) most = k;
    return joints[most]!;
  });
}
