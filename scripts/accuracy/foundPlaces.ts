import { HAND_POINTS } from '@open-palm/core/hand';
import type { HandSearch } from '@open-palm/vision/findHand';
import type { HandPlaces } from './person';

/** Where a found hand's points are, by their names; null where none was found. */
export const foundPlaces = (search: HandSearch): HandPlaces | null =>
  search.outcome === 'found'
    ? (Object.fromEntries(
        HAND_POINTS.map((name, i) => [name, search.hand.points[i]!]),
      ) as HandPlaces)
    : null;
