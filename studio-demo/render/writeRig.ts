import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Ray, Triangle, Vector3 } from 'three';
import { RIG_CHAIN, RIG_FINGERS, RIG_MM, readRestJoints } from './handRig';
import { readSkin } from './handSkin';

/**
 * Writes what the core draws hands from, out of the licensed rig: its joints at rest with their axes, and its skin with seams closed and the
 * wrist's cap cut away, for a forearm to grow from there.
 */
const CUT_Y_MM = 66;
const HUNDREDTHS = 100;

const rest = readRestJoints();
const skin = readSkin();
const order = ['wrist', ...RIG_FINGERS.flatMap((finger) => RIG_CHAIN[finger])];
const six = (v: Vector3) => v.toArray().map((n) => Math.round(n * 1e6) / 1e6);
const joints = order.map((name) => {
  const { position, rotation } = rest.get(name)!;
  const axis = (x: number, y: number, z: number) =>
    six(new Vector3(x, y, z).applyQuaternion(rotation));
  return {
    at: position.toArray().map((n) => Math.round(n * 1e4) / 1e4),
    hinge: axis(-1, 0, 0),
    side: axis(0, 1, 0),
    twist: axis(0, 0, -1),
  };
});

const hundredths = (v: Vector3) => v.toArray().map((n) => Math.round(n * RIG_MM * HUNDREDTHS));
const ids = new Map<string, number>();
const merged = skin.places.map((place) => {
  const key = hundredths(place).join();
  if (!ids.has(key)) ids.set(key, ids.size);
  return ids.get(key)!;
});
const firstOf = new Map<number, number>();
merged.forEach((id, v) => firstOf.has(id) || firstOf.set(id, v));

const isHigh = (v: number) => skin.places[v]!.y * RIG_MM > CUT_Y_MM;
const kept: number[] = [];
for (let t = 0; t < skin.triangles.length; t += 3) {
  const corners = skin.triangles.slice(t, t + 3);
  if (!corners.some(isHigh)) kept.push(...corners.map((v) => merged[v]!));
}
const used = [...new Set(kept)].sort((a, b) => a - b);
const renumbered = new Map(used.map((id, i) => [id, i]));
const places: number[] = [];
const carriers: number[][] = [];
for (const id of used) {
  const v = firstOf.get(id)!;
  places.push(...hundredths(skin.places[v]!));
  const pairs = skin.weights[v]!.map((weight, k) => [
    order.indexOf(skin.names[skin.joints[v]![k]!]!),
    Math.round(weight * 1000),
  ]).filter(([, weight]) => weight! > 0);
  carriers.push(pairs.flat() as number[]);
}

const triangles = kept.map((id) => renumbered.get(id)!);
const placeOf = (v: number) =>
  new Vector3(...places.slice(3 * v, 3 * v + 3)).divideScalar(HUNDREDTHS);

/** Where a ray meets the skin of a digit first: a triangle with the shares of its second and third place. */
function anchor(from: Vector3, toward: Vector3, digitJoints: Set<number>): number[] {
  const ray = new Ray(from, toward);
  let best: { far: number; at: number[] } | null = null;
  for (let t = 0; t < triangles.length; t += 3) {
    const ids = triangles.slice(t, t + 3);
    if (!ids.some((v) => digitJoints.has(carriers[v]![0]!))) continue;
    const [a, b, c] = ids.map(placeOf) as [Vector3, Vector3, Vector3];
    const hit = ray.intersectTriangle(a, b, c, true, new Vector3());
    if (!hit) continue;
    const far = hit.distanceTo(from);
    if (best && best.far <= far) continue;
    const shares = new Triangle(a, b, c).getBarycoord(hit, new Vector3())!;
    best = { far, at: [t / 3, Math.round(shares.y * 1e3) / 1e3, Math.round(shares.z * 1e3) / 1e3] };
  }
  if (!best) throw new Error('A mark misses the skin.');
  return best.at;
}

/** Nails and creases of every digit, as places on triangles of the skin. */
const NAIL = { count: 16, halfWidth: 0.62, length: 11, fromEnd: 2.2 };
const CREASE_PLACES = 5;
const nails: number[][][] = [];
const creases: number[][][] = [];
for (const finger of RIG_FINGERS) {
  const chain = RIG_CHAIN[finger].map((name) => order.indexOf(name));
  const own = new Set(chain.slice(1));
  const at = (k: number) => new Vector3(...joints[k]!.at);
  const frame = (k: number) => {
    const along = at(k + 1)
      .sub(at(k))
      .normalize();
    const across = new Vector3(...joints[k]!.hinge);
    const dorsal = along.clone().cross(across).normalize();
    return { along, across, dorsal };
  };
  const last = chain.at(-2)!;
  const { along, across, dorsal } = frame(last);
  const reach = at(last + 1)
    .sub(at(last))
    .length();
  const end = reach + (finger === 'thumb' ? 10 : finger === 'little' ? 9.5 : 11.5);
  const half = finger === 'thumb' ? 6.4 : finger === 'little' ? 4 : 5;
  const length = NAIL.length * (finger === 'thumb' ? 1.2 : finger === 'little' ? 0.85 : 1);
  nails.push(
    Array.from({ length: NAIL.count }, (_, i) => {
      const angle = (2 * Math.PI * i) / NAIL.count;
      const [c, n] = [Math.cos(angle), Math.sin(angle)];
      const round = (v: number) => Math.sign(v) * Math.abs(v) ** NAIL.halfWidth;
      const s = end - NAIL.fromEnd - length / 2 + (round(n) * length) / 2;
      const from = at(last)
        .addScaledVector(along, s)
        .addScaledVector(across, round(c) * half);
      return anchor(from.addScaledVector(dorsal, 30), dorsal.clone().negate(), own);
    }),
  );
  for (const joint of chain.slice(finger === 'thumb' ? 2 : 2, -1)) {
    const bone = frame(joint);
    for (const [side, shifts] of [
      [1, [-1.6, 1.2]],
      [-1, [0]],
    ] as const) {
      for (const shift of shifts) {
        const width = (side === 1 ? 4.4 : 5.6) * (finger === 'little' ? 0.8 : 1);
        creases.push(
          Array.from({ length: CREASE_PLACES }, (_, i) => {
            const t = (2 * i) / (CREASE_PLACES - 1) - 1;
            const sideways = t * width;
            const bowed = shift + (shift < 0 ? 0.9 : -0.9) * (1 - t * t);
            const from = at(joint)
              .addScaledVector(bone.along, side === 1 ? bowed : shift - 1.5)
              .addScaledVector(bone.across, sideways)
              .addScaledVector(bone.dorsal, 30 * side);
            return anchor(from, bone.dorsal.clone().multiplyScalar(-side), own);
          }),
        );
      }
    }
  }
}
const out = { joints, places, carriers, triangles, nails, creases };
writeFileSync(
  fileURLToPath(new URL('../../core/pose/data/rig.json', import.meta.url)),
  `${JSON.stringify(out)}\n`,
);
console.log(`${used.length} places, ${kept.length / 3} triangles`);
