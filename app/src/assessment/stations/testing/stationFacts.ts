import { holdById, type Hold } from '@open-palm/core/holds';
import type { StationFacts } from '../stationFacts';

/** A grown player's hold that is looked at in the air. */
export const factsOn = (id: Hold['id']): StationFacts => ({
  hold: holdById(id),
  bowSize: '4/4',
  side: 'right',
  skinTone: 'clay',
  level: 'intermediate',
  context: 'free',
});
