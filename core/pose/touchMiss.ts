import { LEATHER_MM, type BowBody } from '../bow/bowBody';
import { DEG_PER_RAD } from '../units';
import type { Touch } from './holdPose';

/** How far the middle of a digit is from where it would touch as it is told to: off the surface, and along it, mm. */
export function touchMiss(
  { stickRadiusMm, gripFromMm, gripToMm, frog }: BowBody,
  touch: Touch,
  x: number,
  y: number,
  z: number,
  fleshMm: number,
): { offMm: number; besideMm: number } {
  switch (touch.on) {
    case 'stick': {
      const leather = x > gripFromMm && x < gripToMm ? LEATHER_MM : 0;
      const angle = touch.turnDeg / DEG_PER_RAD;
      const [c, s] = [Math.cos(angle), Math.sin(angle)];
      return {
        offMm: Math.sqrt(y * y + z * z) - stickRadiusMm - leather - fleshMm,
        besideMm: Math.atan2(c * z - s * y, c * y + s * z) * (stickRadiusMm + fleshMm),
      };
    }
    case 'frogSide':
      return { offMm: z - frog.depthMm / 2 - fleshMm, besideMm: y - touch.yMm };
    case 'under':
      return { offMm: y - frog.bottomMm + fleshMm, besideMm: z };
    case 'air':
      return { offMm: y - stickRadiusMm - fleshMm - touch.liftMm, besideMm: z };
  }
}
