import type { Lightness } from './edges';
import type { Band } from './line';

/** Places across the band, as shares of its width, and beside it, px. */
const INSIDE = [-0.36, -0.18, 0, 0.18, 0.36];
const BESIDE_PX = [2, 4];
/** How far apart the stretches are, px, and how many are counted: the clearest, for fingers lie over the rest. */
const STEP_PX = 4;
const COUNTED = 60;
/** More contrast says no more. */
const ENOUGH = 70;

/** How much darker a band is than what lies on both of its sides, of 255, where it shows best. */
export function darkBetween(
  { width, height, values }: Lightness,
  { theta, rho, widthPx }: Band,
): number {
  const [c, s] = [Math.cos(theta), Math.sin(theta)];
  const reach = Math.hypot(width, height);
  const contrasts: number[] = [];
  const at = (u: number, v: number): number => {
    const x = Math.round(-s * v + c * u);
    const y = Math.round(c * v + s * u);
    return x < 0 || y < 0 || x >= width || y >= height ? NaN : values[y * width + x]!;
  };
  for (let u = -reach; u < reach; u += STEP_PX) {
    if (Number.isNaN(at(u, rho))) continue;
    let inside = 0;
    for (const share of INSIDE) inside += at(u, rho + share * widthPx) / INSIDE.length;
    let [before, after] = [0, 0];
    for (const px of BESIDE_PX) {
      before += at(u, rho - widthPx / 2 - px) / BESIDE_PX.length;
      after += at(u, rho + widthPx / 2 + px) / BESIDE_PX.length;
    }
    const contrast = Math.min(before, after) - inside;
    if (contrast > 0) contrasts.push(Math.min(ENOUGH, contrast));
  }
  contrasts.sort((a, b) => b - a);
  return contrasts.slice(0, COUNTED).reduce((sum, one) => sum + one, 0) / COUNTED;
}
