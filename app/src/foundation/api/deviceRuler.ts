import { z } from 'zod';

/** How well this device's camera and this hand measure, as the printed page has told; kept on this device alone. */
const deviceRulerSchema = z.object({
  bendRmsDeg: z.number().nonnegative(),
  lengthRmsShare: z.number().nonnegative(),
  /** Scatter of a touch as a share of the picture's longer side. */
  touchShare: z.number().nonnegative(),
  tiltDeg: z.number().nonnegative(),
  at: z.string(),
});
export type DeviceRuler = z.infer<typeof deviceRulerSchema>;

const KEY = 'open-palm.ruler';
let known: DeviceRuler | null | undefined;

/** Null where it was never checked. */
export function deviceRuler(): DeviceRuler | null {
  if (known === undefined) {
    try {
      known =
        deviceRulerSchema.safeParse(JSON.parse(localStorage.getItem(KEY) ?? 'null')).data ?? null;
    } catch {
      known = null;
    }
  }
  return known;
}

export const deviceTouchShare = (): number | null => deviceRuler()?.touchShare ?? null;

/** @param ruler null goes back to the usual doubt */
export function keepDeviceRuler(ruler: DeviceRuler | null): void {
  known = ruler;
  try {
    if (ruler === null) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify(ruler));
  } catch {
    // A browser without storage keeps it until the page is left.
  }
}
