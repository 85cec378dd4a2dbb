import type { StrokeAnalysis, StrokeChannel } from '@open-palm/core/stroke';

/** A stroke as points over the bow (0 heel, 1 point) or, where the bow was not seen, over its own time (0 to 1). */
export interface StrokeLine {
  id: string;
  points: { x: number; y: number | null }[];
}

/** Whether the bow's place is known, so that strokes lie over each other from heel to point. */
export const knowsPlace = ({ even }: Pick<StrokeAnalysis, 'even'>): boolean =>
  even.channels.bowPlace?.some((place) => place !== null) ?? false;

/** What a take is about: the wrist, or the bow's path where it was seen from the front. */
export const subjectOf = ({ even }: Pick<StrokeAnalysis, 'even'>): 'wristFlexion' | 'bowSkew' =>
  even.channels.wristFlexion ? 'wristFlexion' : 'bowSkew';

/** One channel in each stroke, to be laid over each other. */
export function strokeLines(
  { even, strokes }: Pick<StrokeAnalysis, 'even' | 'strokes'>,
  channel: StrokeChannel = subjectOf({ even }),
): StrokeLine[] {
  const byPlace = knowsPlace({ even });
  const { timesS, channels } = even;
  return strokes.map(({ fromS, toS }) => ({
    id: String(fromS),
    points: timesS.flatMap((time, i) => {
      if (time < fromS || time > toS) return [];
      const x = byPlace ? (channels.bowPlace![i] ?? null) : (time - fromS) / (toS - fromS);
      return x === null ? [] : [{ x, y: channels[channel]?.[i] ?? null }];
    }),
  }));
}

/** The frame of a take that is nearest to a time. */
export const frameNearest = (timesS: readonly number[], timeS: number): number =>
  timesS.reduce(
    (best, time, i) => (Math.abs(time - timeS) < Math.abs(timesS[best]! - timeS) ? i : best),
    0,
  );

/** Round ends of an axis that shows all of some values and these bands. */
export function axisOf(
  values: readonly (number | null)[],
  wanted: readonly (number | undefined)[] = [],
): { yMin: number; yMax: number } {
  const known = [...values, ...wanted].filter((value) => value !== null && value !== undefined);
  const [lo, hi] = [Math.min(0, ...known), Math.max(0, ...known)];
  return { yMin: Math.floor((lo - 2) / 10) * 10, yMax: Math.ceil((hi + 2) / 10) * 10 };
}
