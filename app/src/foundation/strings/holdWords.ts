import type { Hold } from '@open-palm/core/holds';
import { strings } from './index';

/** What a hold is called. */
export const holdName = ({ id, own }: Hold): string => own?.name ?? strings.holds[id] ?? id;

/** What a hold is called where several instruments' holds stand together. */
export const fullHoldName = (hold: Hold): string =>
  `${strings.instruments[hold.instruments[0]!]}: ${holdName(hold)}`;
