import { BOW_SIZES, type BowSize } from '../bowSection';
import { FROG_LENGTH_ESTIMATE } from '../scale';
import estimates from './data/bowPresets.json';

/** Bows that are told apart by weight; a viola's is a violin's, a little heavier. */
export const PRESET_KINDS = ['violin', 'viola', 'cello', 'french-bass', 'german-bass'] as const;
export type PresetKind = (typeof PRESET_KINDS)[number];

/** A typical bow of a kind and size: estimates all [memory], until the real bow is weighed. */
export interface BowPreset {
  kind: PresetKind;
  size: BowSize;
  massG: { usual: number; lo: number; hi: number };
  lengthMm: number;
  /** From the button's end to where it balances. */
  balanceMm: number;
  /** From the button's end to the frog's front edge, where places along the stick are counted from. */
  frogFrontMm: number;
  frogLengthMm: number;
  /** The stretch of hair that plays, from the frog's front edge. */
  heelMm: number;
  pointMm: number;
  /** String force from very soft to loud. */
  stringN: { soft: number; loud: number };
  /** Between gravity and the string's force, on the string in front of the player, degrees. */
  planeDeg: number;
}

/** How much of the hair at either end is not played on, mm of a full bow. [memory] */
const UNPLAYED_MM = { heel: 12, point: 38 };

/**
 * The typical bow of a kind and size.
 *
 * @example bowPreset('cello', '1/2').massG.usual // 64
 */
export function bowPreset(kind: PresetKind, size: BowSize): BowPreset {
  const full = estimates.bows[kind];
  const along = BOW_SIZES[size];
  const byMass = estimates.massBySize[size];
  const mm = (length: number) => length * along;
  return {
    kind,
    size,
    massG: {
      usual: full.massG.usual * byMass,
      lo: full.massG.lo * byMass,
      hi: full.massG.hi * byMass,
    },
    lengthMm: mm(full.lengthMm),
    balanceMm: mm(full.balanceMm),
    frogFrontMm: mm(full.frogFrontMm),
    frogLengthMm: mm(FROG_LENGTH_ESTIMATE[kind].mm),
    heelMm: mm(UNPLAYED_MM.heel),
    pointMm: mm(full.lengthMm - full.frogFrontMm - UNPLAYED_MM.point),
    stringN: full.stringN,
    planeDeg: full.planeDeg,
  };
}
