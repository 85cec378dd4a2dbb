import { HOLD_IDS, type Band, type Checkpoint, type Hold } from '@open-palm/core/holds';
import { PLACES, type MeasureId } from '@open-palm/core/measure';

/** Where a band applies: everywhere, in the air, while it plays nobody knows where, or at one place in the bow. */
export const BAND_PLACES = ['everywhere', 'inTheAir', 'playing', ...PLACES] as const;

export type BandPlace = (typeof BAND_PLACES)[number];

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
  return bandsByPlace(checkpoint)[place];
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
  const known = before && 'standing' in before ? bandsByPlace(before) : {};
  const bands = { ...known, [place]: band };
  return { ...hold, checkpoints: { ...hold.checkpoints, [id]: checkpointOf(bands) } };
}

type Judged = Extract<Checkpoint, { standing: unknown }>;
type BandsByPlace = { [P in BandPlace]?: Band | undefined };

const bandsByPlace = ({ band, inTheAir, playing, byPlace }: Judged): BandsByPlace => ({
  everywhere: band,
  inTheAir,
  playing,
  ...byPlace,
});

function checkpointOf({ everywhere, inTheAir, playing, ...places }: BandsByPlace): Checkpoint {
  const byPlace = Object.fromEntries(Object.entries(places).filter(([, band]) => band));
  const hasPlaces = Object.keys(byPlace).length > 0;
  if (!everywhere && !inTheAir && !playing && !hasPlaces) return { shownWithoutVerdict: true };
  return {
    ...(everywhere ? { band: everywhere } : {}),
    ...(inTheAir ? { inTheAir } : {}),
    ...(playing ? { playing } : {}),
    ...(hasPlaces ? { byPlace } : {}),
    standing: 'own',
  };
}
