import { readOpTrackFile, type OpTrackFile } from '@open-palm/contract';
import { dateOfDay, dayOfDate, lessonDayOf } from '@open-palm/records/time';
import { bandFor, holdById, type Band, type Range } from '@open-palm/core/holds';
import {
  familyStandings,
  specOf,
  verdictAgainst,
  type Context,
  type MeasureId,
} from '@open-palm/core/measure';
import {
  defaultSem,
  trackChecks,
  type ScoredMeasure,
  type Track,
  type TrackedChange,
  type TrackedDrift,
} from '@open-palm/core/track';

/** What a student's checks say over the weeks, days as dates. */
export interface TrackAnswer {
  baselineFrom: string | null;
  changes: (Omit<TrackedChange, 'fromDay' | 'toDay'> & { fromDate: string; toDate: string })[];
  trends: Track['trends'];
  drifts: (Omit<TrackedDrift, 'sinceDay'> & { since: string })[];
  stamina: Track['stamina'];
  settled: boolean;
  goodInRow: number;
  last: Track['schedule']['last'];
  /** How probable it is that each family is in, all lessons together; null where none was judged. */
  families: Track['schedule']['families'];
  /** What would help where it was unsure twice in a row. */
  wanted: 'betterPicture' | null;
  intervalDays: number;
  nextLook: string | null;
}

/**
 * Changes, drift and the next date from a student's checks.
 *
 * @param content parsed JSON
 * @throws InputError with everything that is wrong with the file
 */
export function trackFile(content: unknown): TrackAnswer {
  const file = readOpTrackFile(content);
  const checks = file.checks.map(({ on, context, values }) => {
    const measures = scored(file, values, context);
    const judged = Object.values(measures).map(({ family, value, band, sem }) => ({
      family,
      verdict: band ? verdictAgainst(value, sem, band) : ('none' as const),
    }));
    return { day: dayOfDate(on), context, standings: familyStandings(judged), measures };
  });
  const track = trackChecks(checks, {
    restarts: file.restarts.map(({ on, why }) => ({ day: dayOfDate(on), why })),
    workingOn: file.workingOn,
    lessonDay: file.lesson === null ? null : lessonDayOf(file.lesson),
    audits: file.audits,
  });
  const { schedule } = track;
  return {
    baselineFrom: track.baselineFrom === null ? null : dateOfDay(track.baselineFrom),
    changes: track.changes.map(({ fromDay, toDay, ...change }) => ({
      ...change,
      fromDate: dateOfDay(fromDay),
      toDate: dateOfDay(toDay),
    })),
    trends: track.trends,
    drifts: track.drifts.map(({ sinceDay, ...drift }) => ({
      ...drift,
      since: dateOfDay(sinceDay),
    })),
    stamina: track.stamina,
    settled: schedule.settled,
    goodInRow: schedule.goodInRow,
    last: schedule.last,
    families: schedule.families,
    wanted: schedule.unsureInRow >= 2 ? 'betterPicture' : null,
    intervalDays: schedule.intervalDays,
    nextLook: schedule.dueDay === null ? null : dateOfDay(schedule.dueDay),
  };
}

function scored(
  file: OpTrackFile,
  values: OpTrackFile['checks'][number]['values'],
  context: Context,
): Record<string, ScoredMeasure> {
  const hold = holdById(file.hold);
  const measures: Record<string, ScoredMeasure> = {};
  for (const [id, value] of Object.entries(values) as [MeasureId, number][]) {
    const { family, unit } = specOf(id);
    const sem = file.sem[id] ?? defaultSem(unit);
    if (sem === null) continue;
    measures[id] = { family, value, sem, band: rangeOf(bandFor(hold, id, context)) };
  }
  return measures;
}

const rangeOf = (band: Band | null): Range | null =>
  band !== null && !('allowed' in band) ? band : null;
