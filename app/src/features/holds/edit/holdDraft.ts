import { HOLD_IDS, type Band, type Checkpoint, type Hold } from '@open-palm/core/holds';
import type { MeasureId, Place } from '@open-palm/core/measure';

/** Where a band applies: everywhere, or at one place in the bow. */
export type BandPlace = Place | 'everywhere';

/** A hold to be changed: a copy of a shipped one under a new id, or the next version of an own one. */
export function draftOf(hold: Hold, newId: string, name: string): Hold {
  if (hold.own) return { ...hold, version: hold.version + 1 };
  return {
    ...hold,
    id: newId,
    version: 1,
    own: { basedOn: hold.id, basedOnVersion: hold.version, name },
  };
}

export const rename = (hold: Hold, name: string): Hold => ({
  ...hold,
  own: { basedOn: HOLD_IDS[0]!, ...hold.own, name },
});

/** A checkpoint's band at a place; undefined where there is none. */
export function bandAt(hold: Hold, id: MeasureId, place: BandPlace): Band | undefined {
  const checkpoint = hold.checkpoints[id];
  if (!checkpoint || !('standing' in checkpoint)) return undefined;
  return place === 'everywhere' ? checkpoint.band : checkpoint.byPlace?.[place];
}

/**
 * The hold with another band for a checkpoint at a place, or none there. What a teacher sets rests on the teacher's own
 * eye; a checkpoint without any band left is shown without a verdict.
 */
export function withBand(
  hold: Hold,
  id: MeasureId,
  place: BandPlace,
  band: Band | undefined,
): Hold {
  const before = hold.checkpoints[id];
  const known = before && 'standing' in before ? before : undefined;
  const byPlace = { ...known?.byPlace };
  if (place !== 'everywhere') {
    if (band) byPlace[place] = band;
    else delete byPlace[place];
  }
  const everywhere = place === 'everywhere' ? band : known?.band;
  return {
    ...hold,
    checkpoints: { ...hold.checkpoints, [id]: checkpointOf(everywhere, byPlace) },
  };
}

type Judged = Extract<Checkpoint, { standing: unknown }>;

function checkpointOf(band: Band | undefined, byPlace: Judged['byPlace'] & object): Checkpoint {
  const hasPlaces = Object.keys(byPlace).length > 0;
  if (!band && !hasPlaces) return { shownWithoutVerdict: true };
  return { ...(band ? { band } : {}), ...(hasPlaces ? { byPlace } : {}), standing: 'own' };
}
