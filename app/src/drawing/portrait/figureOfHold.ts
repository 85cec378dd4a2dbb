import type { Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import { overhandFigure, type GripFigure } from './gripFigure';
import { underhandFigure } from './underhandFigure';

/** A grip as numbers turn it into a figure, over the stick or under it. */
export const figureOfHold = (
  hold: Hold,
  contacts: GripContacts,
  thumbIpFlexionDeg: number | null,
): GripFigure =>
  (hold.hand === 'over' ? overhandFigure : underhandFigure)(hold, contacts, thumbIpFlexionDeg);
