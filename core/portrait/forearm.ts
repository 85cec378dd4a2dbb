import { CARRY, type PosedHand, type WristBend } from '../pose/posedHand';
import { WRIST_JOINT } from '../pose/rig';
import { DEG_PER_RAD } from '../units';

type Three = [number, number, number];

/** How far up from the cut each ring of the drawn forearm lies, mm of a grown hand. */
const RING_MM = [7, 16, 28, 45, 70, 110, 170, 260];
export const RINGS = RING_MM.length;

/** Over which the forearm's own direction and section take over from the hand's, mm. [memory] */
const TURN_MM = 34;
const BLEND_MM = 40;

/** From which share of its direction on a forearm counts as going away, and how much shorter it is at most. [memory] */
const AWAY = { from: 0.78, most: 0.85 };

/** Half the forearm's breadth and thickness at the wrist and how much they grow, mm a mm, until its belly. [memory] */
const SECTION = {
  breadth: 27,
  thickness: 20,
  breadthGrowth: 0.085,
  thicknessGrowth: 0.1,
  bellyMm: 170,
};

/**
 * Rings of the forearm's skin from the cut at the wrist: the cut's own outline that turns into an ellipse and bends as the wrist does.
 *
 * @param border the skin's places along the cut, in order
 * @param eye from the hand toward who looks: a forearm that goes straight away is drawn shorter, or its end would stand beside the hand like
 * another limb
 * @returns x, y, z ring by ring, mm
 */
export function forearmRings(
  { carry }: PosedHand,
  skin: Float64Array,
  border: Int32Array,
  size: number,
  { flexionDeg, deviationDeg }: WristBend,
  eye: readonly [number, number, number],
): Float64Array {
  const m = CARRY * WRIST_JOINT;
  // The rig at rest has its fingers toward −y, its index side toward −z and its palm toward −x.
  const column = (k: number, sign: number): Three => [
    (sign * carry[m + k]!) / size,
    (sign * carry[m + 3 + k]!) / size,
    (sign * carry[m + 6 + k]!) / size,
  ];
  const [dorsal, proximal, radial] = [column(0, 1), column(1, 1), column(2, -1)];
  const [bend, lean] = [flexionDeg / DEG_PER_RAD, deviationDeg / DEG_PER_RAD];
  const toward = unit(
    add3(
      proximal,
      Math.cos(bend) * Math.cos(lean),
      dorsal,
      -Math.sin(bend),
      radial,
      Math.sin(lean),
    ),
  );
  const away = -dot(toward, eye as Three);
  const shorter = 1 - AWAY.most * smooth((away - AWAY.from) / (1 - AWAY.from));
  const centre: Three = [0, 0, 0];
  for (const v of border)
    for (let k = 0; k < 3; k += 1) centre[k]! += skin[3 * v + k]! / border.length;
  const offsets = Array.from(border, (v) => {
    const off: Three = [0, 1, 2].map((k) => skin[3 * v + k]! - centre[k]!) as Three;
    return { r: dot(off, radial), d: dot(off, dorsal), p: dot(off, proximal) };
  });
  const out = new Float64Array(3 * border.length * RINGS);
  let [done, at] = [0, centre];
  for (const [ring, mm] of RING_MM.entries()) {
    const along = mm * size * (mm < BLEND_MM ? 1 : shorter);
    // The middle of the step tells its direction.
    const direction = between(proximal, toward, smooth((done + along) / 2 / (TURN_MM * size)));
    at = add(at, direction, along - done);
    done = along;
    const here = between(proximal, toward, smooth(along / (TURN_MM * size)));
    const across = unit(add(radial, here, -dot(radial, here)));
    const up = cross(here, across);
    const upright = dot(up, dorsal) < 0 ? scale(up, -1) : up;
    const round = smooth(mm / BLEND_MM);
    const grown = Math.min(mm, SECTION.bellyMm);
    const breadth = (SECTION.breadth + SECTION.breadthGrowth * grown) * size;
    const thickness = (SECTION.thickness + SECTION.thicknessGrowth * grown) * size;
    offsets.forEach(({ r, d, p }, i) => {
      const angle = Math.atan2(d / thickness, r / breadth);
      const x = r + round * (breadth * Math.cos(angle) - r);
      const y = d + round * (thickness * Math.sin(angle) - d);
      const place = add(add(add(at, across, x), upright, y), here, p * (1 - round));
      out.set(place, 3 * (ring * border.length + i));
    });
  }
  return out;
}

const smooth = (t: number): number => {
  const s = Math.max(0, Math.min(1, t));
  return s * s * (3 - 2 * s);
};
const dot = (a: Three, b: Three) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const scale = (a: Three, by: number): Three => [a[0] * by, a[1] * by, a[2] * by];
const add = (a: Three, b: Three, by: number): Three => [
  a[0] + b[0] * by,
  a[1] + b[1] * by,
  a[2] + b[2] * by,
];
const add3 = (a: Three, ka: number, b: Three, kb: number, c: Three, kc: number): Three =>
  add(add(scale(a, ka), b, kb), c, kc);
const unit = (a: Three): Three => scale(a, 1 / Math.hypot(...a));
const between = (a: Three, b: Three, t: number): Three => unit(add(scale(a, 1 - t), b, t));
const cross = (a: Three, b: Three): Three => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
