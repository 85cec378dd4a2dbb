import type { Vec2 } from '@open-palm/core/units';
import { toScreen, type Viewport } from '../pictures/viewport';

/** How near a touch must be to a mark to mean it, px of the screen: half a fingertip's touch. */
const REACH_PX = 20;

/** The mark that a touch means, or none. */
export function nearestMark<Name extends string>(
  placed: Partial<Record<Name, Vec2>>,
  viewport: Viewport,
  at: Vec2,
): Name | null {
  let nearest: Name | null = null;
  let best = REACH_PX;
  for (const [name, place] of Object.entries(placed) as [Name, Vec2][]) {
    const shown = toScreen(viewport, place);
    const distance = Math.hypot(shown.x - at.x, shown.y - at.y);
    if (distance <= best) {
      best = distance;
      nearest = name;
    }
  }
  return nearest;
}
