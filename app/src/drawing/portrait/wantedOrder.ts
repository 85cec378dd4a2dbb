import type { Hold } from '@open-palm/core/holds';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { BUILDS } from '@open-palm/core/pose/handBuild';
import { NOTHING_MEASURED } from '@open-palm/core/pose/measuredGrip';
import type { GripOrder } from '@open-palm/core/portrait';

/** A grown hand on a full-size bow as the hold wants it, all of it known; what is otherwise is told. */
export const wantedOrder = (
  hold: Hold,
  more: Pick<GripOrder, 'view' | 'detail'> & Partial<GripOrder>,
): GripOrder => ({
  hold: drawnHold(hold),
  grip: NOTHING_MEASURED,
  build: BUILDS.grown,
  held: 'bow',
  upMm: 0,
  unseen: [],
  beside: null,
  ...more,
});
