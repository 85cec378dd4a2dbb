import { specOf, type Family, type MeasureId, type Verdict } from '@open-palm/core/measure';
import { narrowestOf, seriesOf } from '@open-palm/core/track';
import type { MarkState } from '../../foundation/kit/StateMark';
import type { FollowedCheck } from './followed';
import { verdictMark } from '../../foundation/kit/StateMark';

/** A look in a chart over the weeks. */
export interface ProgressPoint {
  checkId: string;
  at: number;
  value: number;
  sd: number;
  lo: number | null;
  hi: number | null;
  state: MarkState;
  /** The checkpoint that it is of. */
  series: string;
}

/** A checkpoint's values over the weeks, oldest first. */
export function seriesPoints(checks: readonly FollowedCheck[], series: string): ProgressPoint[] {
  return checks.flatMap(({ kept, at, numbers }) => {
    const number = numbers.find(([id, place]) => seriesOf(id, place) === series);
    if (!number) return [];
    const [, , value, sd, lo, hi, verdict] = number;
    return [{ checkId: kept.id, at, value, sd, lo, hi, state: stateOf(verdict, lo, hi), series }];
  });
}

/** A family's room over the weeks: how far its narrowest checkpoint is inside its band, in steps of forming it afresh. */
export function familyPoints(checks: readonly FollowedCheck[], family: Family): ProgressPoint[] {
  return checks.flatMap(({ kept, at, tracked, numbers }) => {
    const narrowest = narrowestOf(tracked.measures, family);
    if (!narrowest) return [];
    const { series, room } = narrowest;
    const number = numbers.find(([id, place]) => seriesOf(id, place) === series)!;
    const sd = number[3] / tracked.measures[series]!.sem;
    const state = verdictMark(number[6]);
    return [{ checkId: kept.id, at, value: room, sd, lo: 0, hi: null, state, series }];
  });
}

/** Checkpoints of a family that were measured, the ones with most looks first. */
export function seriesOfFamily(checks: readonly FollowedCheck[], family: Family): string[] {
  const counts = new Map<string, number>();
  for (const { tracked } of checks) {
    for (const [series, { family: of }] of Object.entries(tracked.measures)) {
      if (of === family) counts.set(series, (counts.get(series) ?? 0) + 1);
    }
  }
  return [...counts].sort(([, a], [, b]) => b - a).map(([series]) => series);
}

export const unitOf = (series: string) => specOf(series.split('@')[0] as MeasureId).unit;

const stateOf = (verdict: Verdict, lo: number | null, hi: number | null): MarkState =>
  lo === null && hi === null ? 'none' : verdictMark(verdict);
