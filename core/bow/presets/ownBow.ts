import type { BowPreset } from './bowPreset';

/** What was measured of a student's own bow; null is not measured yet. */
export interface OwnBow {
  massG: number | null;
  /** From the button's end to where it balances on a finger. */
  balanceMm: number | null;
  frogLengthMm: number | null;
}

/** What of a bow can be measured at home. */
export const BOW_PARTS = ['massG', 'balanceMm', 'frogLengthMm'] as const;
export type BowPart = (typeof BOW_PARTS)[number];

/** A number with its standard deviation. */
export interface Estimated {
  value: number;
  sd: number;
  measured: boolean;
}

/** A bow as it is known: measured where it was, typical of its kind elsewhere. */
export interface KnownBow {
  massG: Estimated;
  balanceMm: Estimated;
  frogLengthMm: Estimated;
  /** From the button's end to the frog's front edge. */
  frogFrontMm: number;
  lengthMm: number;
}

/** What a kitchen scale, a finger under the stick and a ruler leave open. [memory] */
const MEASURED_SD = { massG: 1, balanceMm: 2, frogLengthMm: 0.5 };

/** How far typical bows differ in where they balance and in their frogs, mm. [memory] */
const TYPICAL_SD_MM = { balanceMm: 6, frogLengthMm: 2 };

/**
 * A bow as it is known now.
 *
 * The frog's front lies its length ahead of the screw: a longer frog moves it, and with it the hand, toward the tip.
 */
export function knownBow(preset: BowPreset, own: OwnBow): KnownBow {
  const known = (part: BowPart, typical: number, sd: number): Estimated => {
    const value = own[part];
    return value === null
      ? { value: typical, sd, measured: false }
      : { value, sd: MEASURED_SD[part], measured: true };
  };
  // Four standard deviations span what is usual.
  const massSd = (preset.massG.hi - preset.massG.lo) / 4;
  const frogLengthMm = known('frogLengthMm', preset.frogLengthMm, TYPICAL_SD_MM.frogLengthMm);
  return {
    massG: known('massG', preset.massG.usual, massSd),
    balanceMm: known('balanceMm', preset.balanceMm, TYPICAL_SD_MM.balanceMm),
    frogLengthMm,
    frogFrontMm: preset.frogFrontMm - preset.frogLengthMm + frogLengthMm.value,
    lengthMm: preset.lengthMm,
  };
}
