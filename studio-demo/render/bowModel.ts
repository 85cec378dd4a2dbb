import { BOW_BODIES, type BowBody } from '@open-palm/core/bow/body';
import type { Hold } from '@open-palm/core/holds';

/** A rendered bow: its body, how much of its stick is in the picture, and its paint. */
export interface BowModel extends BowBody {
  stickToMm: number;
  paint: { wood: string; frog: string; metal: string; winding: string };
}

/** Red-brown wood and an ebony frog. */
const USUAL_PAINT = { wood: '#6b331a', frog: '#1d1916', metal: '#c9c4b6', winding: '#a39a86' };

const model = (kind: Hold['bow']): BowModel => ({
  ...BOW_BODIES[kind],
  stickToMm: 620,
  paint: USUAL_PAINT,
});

export const BOWS: Record<Hold['bow'], BowModel> = {
  violin: model('violin'),
  cello: model('cello'),
  'french-bass': model('french-bass'),
  'german-bass': model('german-bass'),
};

/** Where the bow's four marks lie in space: on the stick's axis and at the frog's ends, [x, y, z] mm. */
export const bowMarks = ({ frogLengthMm, frog }: BowModel) => {
  const heightMm = (frog.topMm + frog.bottomMm) / 2 + 4;
  return {
    stickHandEnd: [-frogLengthMm - 1, 0, 0],
    stickTipEnd: [85, 0, 0],
    frogFront: [0, heightMm, 0],
    frogBack: [-frogLengthMm, heightMm, 0],
  } as const;
};
