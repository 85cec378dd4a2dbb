import { BOW_SIZES, type BowSize } from '../bowSection';
import { bowPreset, type BowPreset } from './bowPreset';
import type { BowPart } from './ownBow';

/** A measured value that is not usual for such a bow: worth measuring again. */
export interface BowWarning {
  part: BowPart;
  problem: 'less' | 'more';
  /** Between what and what such bows usually lie. */
  from: number;
  to: number;
  /** The size whose bows usually are like this, where there is one. */
  fitsSize: BowSize | null;
}

/** How far beyond the usual a real bow still may be: a share of its mass, mm of a full bow. [memory] */
const ROOM = { massShare: 0.1, balanceMm: 25, frogLengthMm: 6 };

/** Between what and what a value of such a bow is plausible. */
export function plausible(preset: BowPreset, part: BowPart): { from: number; to: number } {
  const along = BOW_SIZES[preset.size];
  switch (part) {
    case 'massG':
      return {
        from: preset.massG.lo * (1 - ROOM.massShare),
        to: preset.massG.hi * (1 + ROOM.massShare),
      };
    case 'balanceMm':
    case 'frogLengthMm':
      return {
        from: preset[part] - ROOM[part] * along,
        to: preset[part] + ROOM[part] * along,
      };
  }
}

/**
 * What is unusual about a measured value.
 *
 * @returns null where such bows can be like this
 * @example bowWarning(bowPreset('violin', '4/4'), 'massG', 90) // { part: 'massG', problem: 'more', from: 50.4, to: 70.4, fitsSize: null }
 */
export function bowWarning(preset: BowPreset, part: BowPart, value: number): BowWarning | null {
  const { from, to } = plausible(preset, part);
  if (value >= from && value <= to) return null;
  return {
    part,
    problem: value < from ? 'less' : 'more',
    from,
    to,
    fitsSize: nearestSize(preset, part, value),
  };
}

function nearestSize({ kind }: BowPreset, part: BowPart, value: number): BowSize | null {
  const sizes = (Object.keys(BOW_SIZES) as BowSize[]).map((size) => bowPreset(kind, size));
  const usual = (preset: BowPreset) => (part === 'massG' ? preset.massG.usual : preset[part]);
  const fitting = sizes
    .filter((preset) => {
      const { from, to } = plausible(preset, part);
      return value >= from && value <= to;
    })
    .sort((a, b) => Math.abs(usual(a) - value) - Math.abs(usual(b) - value));
  return fitting[0]?.size ?? null;
}
