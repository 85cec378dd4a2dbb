import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import { HAND_POINTS } from '@open-palm/core/hand';
import { CATALOGUE, POINT_NAMES, type PointName, type View } from '@open-palm/core/measure';

/** The order in which points are asked for. */
export interface Sequence {
  /** What this view's measures read: enough for all that it can tell. */
  needed: readonly PointName[];
  /** The rest of the hand and bow, for those who want the whole picture marked. */
  further: readonly PointName[];
}

/** The guided order for a view: the bow first, because every place is told against it, then finger by finger. */
export function sequenceFor(view: View): Sequence {
  const read = new Set(
    CATALOGUE.filter((spec) => spec.views.includes(view)).flatMap((spec) => spec.points),
  );
  const asked: PointName[] = [...REQUIRED_BOW_POINTS, ...HAND_POINTS];
  const ordered = [
    ...asked,
    ...POINT_NAMES.filter((name) => read.has(name) && !asked.includes(name)),
  ];
  return {
    needed: ordered.filter((name) => read.has(name)),
    further: ordered.filter((name) => !read.has(name)),
  };
}
