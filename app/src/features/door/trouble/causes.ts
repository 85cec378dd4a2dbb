import type { Access } from '@open-palm/contract';
import type { TroubleFigureKind } from './TroubleFigure';

/** A cause that a person can see to, the likeliest first. */
export type Cause = TroubleFigureKind;

/** What is known of this device when the studio does not answer. */
export interface Known {
  /** Whether the device says that it is in any network. */
  isOnline: boolean;
  /** Whether its clock was wrong when the studio last answered. */
  isClockOff: boolean;
  origin: string;
  access: Access | null;
}

/** Why the studio may not answer, the likeliest first; on the studio's own computer there is only one reason. */
export function causesOf({ isOnline, isClockOff, origin, access }: Known): Cause[] {
  if (!origin.startsWith('https:')) return ['asleep'];
  if (!isOnline) return ['network'];
  const isElsewhere = (access?.origins.length ?? 0) > 0 && !access!.origins.includes(origin);
  return [
    ...(isClockOff ? (['clock'] as const) : []),
    ...(isElsewhere ? (['moved'] as const) : []),
    'wifi',
    'asleep',
    'certificate',
    ...(isClockOff ? [] : (['clock'] as const)),
  ];
}
