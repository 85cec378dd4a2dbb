import { FAMILIES, type Family } from '../measure';
import { familyOfFault, type FaultsSeen } from './marks';
import { roomShare, type Counted, type Eye, type RoomShare } from './roomShare';

/** Between two walks: how much larger a share of the room shows a fault, −1 to 1, with its interval. */
export interface ShareChange {
  from: RoomShare;
  to: RoomShare;
  by: number;
  low: number;
  high: number;
  /** Whether the interval leaves no change out. */
  isReal: boolean;
}

/**
 * What a group has really changed between two walks: the difference of two shares, its interval put together from theirs (Newcombe 1998,
 * Statistics in Medicine 17:873, method 10):
 *
 *     d − √((p₂ − l₂)² + (u₁ − p₁)²)   to   d + √((u₂ − p₂)² + (p₁ − l₁)²)
 *
 * The method takes the two for independent. Here mostly the same players are looked at twice, who stay alike: the interval is then wider
 * than it need be, never narrower.
 *
 * @example shareChange({ shown: 48, seen: 80, room: Infinity }, { shown: 56, seen: 70, room: Infinity }, { seesFault: 1, seesFine: 1 }, 0.95).low // 0.0524
 */
export function shareChange(
  before: Counted,
  after: Counted,
  eye?: Eye,
  confidence?: number,
): ShareChange {
  const from = roomShare(before, eye, confidence);
  const to = roomShare(after, eye, confidence);
  const by = to.share - from.share;
  const low = by - Math.hypot(to.share - to.low, from.high - from.share);
  const high = by + Math.hypot(to.high - to.share, from.share - from.low);
  return { from, to, by, low, high, isReal: low > 0 || high < 0 };
}

/** How a family of a player stood in a walk: seen with a fault, seen without, or not looked at. */
export type FamilySeen = 'out' | 'in' | 'notSeen';

/** The four families of a player in one walk. What was not said of a family is not looked at. */
export function familiesSeen(faults: FaultsSeen): Record<Family, FamilySeen> {
  const seen: Record<Family, FamilySeen> = {
    thumb: 'notSeen',
    fingers: 'notSeen',
    little: 'notSeen',
    wrist: 'notSeen',
  };
  for (const [fault, isShown] of faults) {
    const family = familyOfFault(fault);
    if (family === null || !FAMILIES.includes(family)) continue;
    if (isShown) seen[family] = 'out';
    else if (seen[family] === 'notSeen') seen[family] = 'in';
  }
  return seen;
}
