import { useMemo } from 'react';
import type { CheckInput, HandFile } from '@open-palm/contract';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import { findingsOf, type Finding } from '@open-palm/core/judge';
import { measureCheck } from '@open-palm/core/measure';
import { useCheck } from '../../../foundation/api/queries';
import type { Entry } from '../../../foundation/api/sync/entry';
import { useEntries } from '../../../foundation/api/sync/useSync';
import { calendarDay, zoneOf } from '@open-palm/records/time';
import { deviceZone } from '../../../foundation/api/clock';

/**
 * What was found at the start of today's lesson: by a look that the studio has, or by one that still waits on this
 * device. Null where there is none, or while it is loaded.
 */
export function useLessonStart(
  { history, setupId, student }: Pick<HandFile, 'history' | 'setupId' | 'student'>,
  hold: Hold,
  hand: HandFacts,
  now: Date,
): readonly Finding[] | null {
  const zone = zoneOf(student, deviceZone());
  const today = calendarDay(now, zone);
  const isStart = (context: string, takenAt: string) =>
    context === 'playing-start' && calendarDay(takenAt, zone) === today;
  const waiting = useEntries()
    .flatMap((unsent) => checkOf(unsent))
    .find((body) => body.setupId === setupId && isStart(body.context, body.takenAt));
  const kept = history.find(({ context, takenAt }) => isStart(context, takenAt));
  const { data } = useCheck(kept?.id ?? null);
  return useMemo(() => {
    if (data) return findingsOf(data.measures, data.signs, hold);
    if (!waiting) return null;
    return findingsOf(measureCheck(waiting, hold, hand).measures, waiting.signs, hold);
  }, [data, waiting, hold, hand]);
}

const checkOf = (unsent: Entry): CheckInput[] => (unsent.kind === 'check' ? [unsent.body] : []);
