import { useMemo } from 'react';
import type { LessonLog } from '../../foundation/api/lessonLog';
import type { VerdictOverrides } from '../verdictOverride/verdictOverride';
import { seenOtherwise, type SeenMeasure } from './lesson';

/** Lets verdicts be seen otherwise: every word goes into the lesson log, with the look that it is about. */
export function useLessonOverrides(
  measures: readonly SeenMeasure[],
  log: LessonLog,
): VerdictOverrides {
  return useMemo(() => {
    const checkOf = new Map(measures.map(({ merged, checkId }) => [merged, checkId]));
    return {
      seen(merged) {
        const checkId = checkOf.get(merged);
        if (checkId === undefined) return null;
        return seenOtherwise(log.entries, checkId, merged.measure.id, merged.place);
      },
      see(merged, verdict, word) {
        const checkId = checkOf.get(merged);
        if (checkId === undefined) return;
        const { measure, place } = merged;
        void log.add({ kind: 'verdict', checkId, measure: measure.id, place, verdict, word });
      },
    };
  }, [measures, log]);
}
