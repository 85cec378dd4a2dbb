import { BOW_SECTIONS, FROG_LENGTH_ESTIMATE } from '@open-palm/core/bow';
import type { BowKind } from '@open-palm/core/holds';

/** What a drawn bow is made of around the frog, mm: x from the frog's front, y down toward the hair. [memory] */
export interface BowShape {
  stickRadius: number;
  frogLength: number;
  /** The frog's underside. */
  underside: number;
  gripFrom: number;
  gripTo: number;
  windingTo: number;
}

const WRAPS: Record<BowKind, Pick<BowShape, 'gripFrom' | 'gripTo' | 'windingTo'>> = {
  violin: { gripFrom: 4, gripTo: 27, windingTo: 70 },
  cello: { gripFrom: 4, gripTo: 30, windingTo: 72 },
  'french-bass': { gripFrom: 4, gripTo: 32, windingTo: 62 },
  'german-bass': { gripFrom: 5, gripTo: 22, windingTo: 42 },
};

/** The shape of a full-size bow of a kind. */
export function bowShape(kind: BowKind): BowShape {
  const { stickRadiusMm, frogUndersideMm } = BOW_SECTIONS[kind];
  return {
    stickRadius: stickRadiusMm - 0.1,
    frogLength: FROG_LENGTH_ESTIMATE[kind].mm,
    underside: frogUndersideMm,
    ...WRAPS[kind],
  };
}
