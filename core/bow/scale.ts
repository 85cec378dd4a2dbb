import { InputError } from '../issue';
import type { KnownLength, Vec2 } from '../units';

/** Frog lengths of full-size bows, mm [memory]; the SD covers makers' differences until the teacher measures. */
export const FROG_LENGTH_ESTIMATE = {
  violin: { mm: 46, sdMm: 2 },
  viola: { mm: 48, sdMm: 2 },
  cello: { mm: 52, sdMm: 2 },
  'french-bass': { mm: 58, sdMm: 3 },
  'german-bass': { mm: 60, sdMm: 3 },
} as const satisfies Record<string, KnownLength>;

/** SD of a frog measured with a ruler, mm [memory]. */
export const MEASURED_FROG_SD_MM = 0.5;

/**
 * Scale of the picture at the frog.
 *
 * @returns millimetres per pixel
 * @throws InputError `zeroLengthFrog` when both frog points coincide
 * @example mmPerPixel({ x: 100, y: 0 }, { x: 192, y: 0 }, 46) // 0.5
 */
export function mmPerPixel(frogFront: Vec2, frogBack: Vec2, frogLengthMm: number): number {
  const px = Math.hypot(frogFront.x - frogBack.x, frogFront.y - frogBack.y);
  if (px === 0) throw new InputError([{ code: 'zeroLengthFrog', where: 'bow.frogBack' }]);
  return frogLengthMm / px;
}
