import { PLAUSIBLE_FLEXION_DEG } from '../hand';
import { bandsOf, type Band, type Hold, type Range } from '../holds';
import type { Issue } from '../issue';
import { specOf } from './catalogue';
import { MEASURE_IDS, type MeasureId, type Unit } from './measureIds';
import { categoriesOf } from './measureSpec';

/** Beyond these no band makes sense, by unit; joints have limits of their own. */
const BY_UNIT: Record<Unit, Required<Range>> = {
  deg: { lo: -90, hi: 180 },
  mm: { lo: -80, hi: 200 },
  u: { lo: 0, hi: 3 },
  fingerBreadth: { lo: -4, hi: 4 },
  ratio: { lo: 0, hi: 5 },
  category: { lo: 0, hi: 0 },
};

const BY_MEASURE: Partial<Record<MeasureId, Required<Range>>> = {
  thumbApproach: { lo: 0, hi: 90 },
  handLean: { lo: -90, hi: 90 },
  wristRange: { lo: 0, hi: 150 },
  bowSkew: { lo: -90, hi: 90 },
  hairClearance: { lo: 0, hi: 40 },
};

/**
 * The widest band that anatomy and the bow allow a measure, in its unit.
 *
 * @example bandLimits('indexDepth') // { lo: 0, hi: 3 }
 */
export function bandLimits(id: MeasureId): Required<Range> {
  const spec = specOf(id);
  if (spec.kind === 'number' && spec.joint) return PLAUSIBLE_FLEXION_DEG[spec.joint];
  return BY_MEASURE[id] ?? BY_UNIT[spec.unit];
}

/** What is wrong with a band of this measure; an empty list when it can stand. */
export function bandIssues(id: MeasureId, band: Band, where: string): Issue[] {
  const categories = categoriesOf(specOf(id));
  if ('allowed' in band) {
    return band.allowed.every((name) => categories.includes(name))
      ? []
      : [{ code: 'unknownAnswer', where, params: { measure: id, known: categories.join(', ') } }];
  }
  if (categories.length > 0) {
    return [
      { code: 'unknownAnswer', where, params: { measure: id, known: categories.join(', ') } },
    ];
  }
  const { lo, hi } = band;
  const limits = bandLimits(id);
  if (lo !== undefined && hi !== undefined && lo >= hi) {
    return [{ code: 'bandUpsideDown', where, params: { lo, hi } }];
  }
  const beyond = [lo, hi].some((end) => end !== undefined && (end < limits.lo || end > limits.hi));
  return beyond ? [{ code: 'bandBeyondAnatomy', where, params: { ...limits } }] : [];
}

/** Everything about a hold's bands that makes no sense, with the place of each: `checkpoints.indexDepth`. */
export function findHoldIssues(hold: Hold): Issue[] {
  const strangers = Object.keys(hold.checkpoints).filter(
    (id) => !(MEASURE_IDS as readonly string[]).includes(id),
  );
  return [
    ...strangers.map((id): Issue => ({ code: 'unknownMeasure', where: `checkpoints.${id}` })),
    ...MEASURE_IDS.flatMap((id) => {
      const where = `checkpoints.${id}`;
      const checkpoint = hold.checkpoints[id];
      if (!checkpoint) return [{ code: 'unknownMeasure' as const, where }];
      return bandsOf(checkpoint).flatMap((band) => bandIssues(id, band, where));
    }),
  ];
}
