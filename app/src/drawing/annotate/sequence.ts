import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import { FINGER_CHAIN, FINGERS, HAND_POINTS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import {
  CATALOGUE,
  POINT_NAMES,
  viewsOf,
  type MeasureId,
  type MeasureSpec,
  type PointName,
  type View,
} from '@open-palm/core/measure';

/** The order in which points are asked for. */
export interface Sequence {
  /** What the hold's judged measures read in this view. */
  needed: readonly PointName[];
  /** The rest: first what only numbers without a verdict read, then the whole hand and bow. */
  further: readonly PointName[];
}

/**
 * The guided order for a view: the bow first, because every place is told against it, then finger by finger. Where the
 * hold judges nothing in a view, everything that the view can tell is asked for.
 */
export function sequenceFor(view: View, hold: Hold): Sequence {
  const shown = CATALOGUE.filter(
    (spec) =>
      'sight' in spec && viewsOf(spec.sight).includes(view) && !has('notApplicable', spec.id, hold),
  );
  const judged = shown.filter(
    ({ id }) => has('standing', id, hold) && !TOLD_WHERE_IT_SHOWS.includes(id),
  );
  const read = pointsOf(shown);
  const wanted = judged.length > 0 ? withWholeFingers(pointsOf(judged)) : read;
  const ordered = [
    ...ASKED,
    ...POINT_NAMES.filter((name) => read.has(name) && !ASKED.includes(name)),
  ];
  const rest = ordered.filter((name) => !wanted.has(name));
  return {
    needed: ordered.filter((name) => wanted.has(name)),
    further: [...rest.filter((name) => read.has(name)), ...rest.filter((name) => !read.has(name))],
  };
}

/**
 * Told where its points are marked anyway, and no reason to ask for them: a thumb behind the stick is hidden, as it should be,
 * and the index is marked for its depth.
 */
const TOLD_WHERE_IT_SHOWS: readonly MeasureId[] = ['thumbThrough', 'indexPipFlexion'];

/** The thumb from the stick outward: its tip alone tells where it stands. */
const THUMB = ['thumbTip', 'thumbIp', 'thumbMcp', 'thumbCmc'] as const;

const ASKED: readonly PointName[] = [
  ...REQUIRED_BOW_POINTS,
  'wrist',
  ...THUMB,
  ...HAND_POINTS.filter(
    (name) => name !== 'wrist' && !(THUMB as readonly PointName[]).includes(name),
  ),
];

const pointsOf = (specs: readonly MeasureSpec[]): ReadonlySet<PointName> =>
  new Set(specs.flatMap((spec) => ('points' in spec ? spec.points : [])));

/** A finger of which one point is wanted is marked as a whole where its depth can be told: the portrait draws it. */
function withWholeFingers(points: ReadonlySet<PointName>): ReadonlySet<PointName> {
  if (!points.has('frogFront')) return points;
  const whole = FINGERS.map((finger) => FINGER_CHAIN[finger]).filter((chain) =>
    chain.some((name) => points.has(name)),
  );
  return new Set([...points, ...whole.flat()]);
}

const has = (key: 'standing' | 'notApplicable', id: string, hold: Hold): boolean =>
  key in (hold.checkpoints[id] ?? {});
