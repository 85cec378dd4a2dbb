import type { Vec2 } from '@open-palm/core/units';

const ROUNDS = 12;

/**
 * Places moved apart until no two of them are nearer than they may be; those that have room stay where they are.
 *
 * @example apart([{ x: 0, y: 0 }, { x: 2, y: 0 }], 4) // [{ x: -1, y: 0 }, { x: 3, y: 0 }]
 */
export function apart(places: readonly Vec2[], room: number): Vec2[] {
  const out = places.map(({ x, y }) => ({ x, y }));
  for (let round = 0; round < ROUNDS; round += 1) {
    let isMoved = false;
    for (let i = 0; i < out.length; i += 1) {
      for (let j = i + 1; j < out.length; j += 1) {
        const [a, b] = [out[i]!, out[j]!];
        const [dx, dy] = [b.x - a.x, b.y - a.y];
        const distance = Math.hypot(dx, dy);
        if (distance >= room - 1e-6) continue;
        // Two at the very same place go apart along the picture's width.
        const [ux, uy] = distance < 1e-6 ? [1, 0] : [dx / distance, dy / distance];
        const by = (room - distance) / 2;
        a.x -= by * ux;
        a.y -= by * uy;
        b.x += by * ux;
        b.y += by * uy;
        isMoved = true;
      }
    }
    if (!isMoved) break;
  }
  return out;
}
