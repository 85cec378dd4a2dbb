import type { LogEntry, TrackCheck, TrackedNumber } from '@open-palm/contract';
import { specOf, type MergedMeasure } from '@open-palm/core/measure';
import type { Restart, ScoredMeasure, TrackedCheck } from '@open-palm/core/track';
import { defaultSem, pooledSem } from '@open-palm/core/track/realChange';
import { seriesOf } from '@open-palm/core/track/seriesOf';
import { calendarDay } from '../time';

/** Standard errors of measurement that re-form tests have told, by checkpoint. */
export type FormingErrors = Readonly<Partial<Record<TrackedNumber[0], number>>>;

const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** The numbers of a look that can be followed over time: what is implausible or contradicts itself is none. */
export const trackedNumbers = (measures: readonly MergedMeasure[]): TrackedNumber[] =>
  measures.flatMap(({ measure, place, conflict }) => {
    if (measure.kind !== 'number' || measure.implausible || conflict) return [];
    const { id, value, sd, band, verdict } = measure;
    return [[id, place, rounded(value), rounded(sd), band?.lo ?? null, band?.hi ?? null, verdict]];
  });

/** A number as tracking scores it; null for what has no error of forming, as a ratio. */
export function scoredNumber(
  [id, , value, sd, lo, hi]: TrackedNumber,
  errors: FormingErrors,
): ScoredMeasure | null {
  const { family, unit } = specOf(id);
  const sem = errors[id] ?? defaultSem(unit);
  if (sem === null) return null;
  const band =
    lo === null && hi === null
      ? null
      : { ...(lo === null ? {} : { lo }), ...(hi === null ? {} : { hi }) };
  return { family, value, sem, sd, band };
}

/** A look as tracking sees it. */
export function trackedCheck(
  { takenAt, context, standings, numbers }: Omit<TrackCheck, 'id' | 'grip'>,
  timeZone: string,
  errors: FormingErrors,
): TrackedCheck {
  const measures: Record<string, ScoredMeasure> = {};
  for (const number of numbers) {
    const series = seriesOf(number[0], number[1]);
    const scored = scoredNumber(number, errors);
    if (scored) measures[series] ??= scored;
  }
  return { day: calendarDay(takenAt, timeZone), context, standings, measures };
}

/**
 * New beginnings: planned changes that were written down, those that show in what looks were judged by, and bands that a newer
 * version of the same hold has changed.
 *
 * @param checks oldest first
 */
export function restartsOf(
  checks: readonly Pick<TrackCheck, 'takenAt' | 'grip' | 'numbers'>[],
  planned: readonly LogEntry[],
  dayOf: { instant: (at: string) => number; date: (date: string) => number },
): Restart[] {
  const bands = new Map<string, { version: number; band: string }>();
  const shown = checks.flatMap(({ takenAt, grip, numbers }, i): Restart[] => {
    const before = checks[i - 1]?.grip;
    const isPlanned = before !== undefined && gripKey(before) !== gripKey(grip);
    if (isPlanned) bands.clear();
    const version = grip.holdVersion;
    const changed = numbers.flatMap(([id, place, , , lo, hi]) => {
      const series = seriesOf(id, place);
      const [known, band] = [bands.get(series), `${lo} ${hi}`];
      bands.set(series, { version, band });
      // The same version's band may still move with the hand it is scaled to, which is no new beginning.
      return known && known.version !== version && known.band !== band ? [series] : [];
    });
    const day = dayOf.instant(takenAt);
    if (isPlanned) return [{ day, why: before.bowSize === grip.bowSize ? 'school' : 'size' }];
    if (changed.length === 0 && (!before || before.holdVersion === version)) return [];
    return [{ day, why: 'bands', series: [...new Set(changed)] }];
  });
  const written = planned.flatMap((entry): Restart[] =>
    entry.kind === 'planned' ? [{ day: dayOf.date(entry.on), why: entry.why }] : [],
  );
  return [...shown, ...written].sort((a, b) => a.day - b.day);
}

/** What makes a look another school's or size's than the one before; in which order settings were chosen says nothing. */
const gripKey = ({ settings, holdVersion: _, ...grip }: TrackCheck['grip']): string =>
  JSON.stringify([grip.holdId, grip.bowSize, Object.entries(settings).sort()]);

/** A re-form test of fewer placements tells too little of what forming the hold afresh changes. [memory] */
const FEWEST_PLACEMENTS = 5;
/** What a test finds below this share of the default is luck. [memory] */
const LEAST_SHARE = 0.25;

/** What re-form tests have told of the error of forming, in mm along the stick, for the checkpoints they place. */
export function formingErrors(entries: readonly LogEntry[]): FormingErrors {
  const tests = entries.flatMap((entry) =>
    entry.kind === 'test' && (entry.result.placements?.length ?? 0) >= FEWEST_PLACEMENTS
      ? [entry.result.placements!.map(({ xMm }) => xMm)]
      : [],
  );
  const least = LEAST_SHARE * defaultSem('mm')!;
  const errorOf = (x: (at: (typeof tests)[number][number]) => number): number | null => {
    const sem = pooledSem(tests.map((test) => test.map(x)));
    return sem === null ? null : Math.max(sem, least);
  };
  const errors = {
    thumbPlace: errorOf(({ thumb }) => thumb),
    gap12: errorOf(({ index, middle }) => index - middle),
    gap23: errorOf(({ middle, ring }) => middle - ring),
    gap34: errorOf(({ ring, little }) => ring - little),
    spread: errorOf(({ index, little }) => index - little),
  };
  return Object.fromEntries(
    Object.entries(errors).filter(([, error]) => error !== null),
  ) as FormingErrors;
}
