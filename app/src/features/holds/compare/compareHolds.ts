import type { Band, Hold, Evidence } from '@open-palm/core/holds';
import {
  CATALOGUE,
  FAMILIES,
  type Family,
  type MeasureId,
  type Unit,
} from '@open-palm/core/measure';

/** What one hold wants of a measure: its band with what it rests on, or null without one. */
export interface Wanted {
  band: Band;
  standing: Evidence;
  /** Whether other bands apply at the heel, the middle or the point. */
  differsAlongBow: boolean;
}

export interface ComparedMeasure {
  id: MeasureId;
  unit: Unit;
  wanted: (Wanted | null)[];
  /** Whether the holds want different things; one that has no say does not differ. */
  differs: boolean;
}

/** The measures that at least one of the holds judges, by family, in the order of inspection. */
export function compareHolds(
  holds: readonly Hold[],
): { family: Family; measures: ComparedMeasure[] }[] {
  return FAMILIES.map((family) => ({
    family,
    measures: CATALOGUE.filter((spec) => spec.family === family)
      .map(({ id, unit }) => {
        const wanted = holds.map((hold) => wantedBy(hold, id));
        const bands = wanted.flatMap((one) => (one ? [JSON.stringify(one.band)] : []));
        const differs = new Set(bands).size > 1;
        return { id, unit, wanted, differs };
      })
      .filter(({ wanted }) => wanted.some((one) => one !== null)),
  })).filter(({ measures }) => measures.length > 0);
}

function wantedBy(hold: Hold, id: MeasureId): Wanted | null {
  const checkpoint = hold.checkpoints[id];
  if (!checkpoint || !('standing' in checkpoint)) return null;
  const { band, byPlace, standing } = checkpoint;
  // A hold that judges only along the bow is told by its middle.
  const shown = band ?? byPlace?.middle;
  if (!shown) return null;
  return { band: shown, standing, differsAlongBow: byPlace !== undefined };
}
