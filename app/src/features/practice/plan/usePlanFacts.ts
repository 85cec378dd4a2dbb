import { useMemo } from 'react';
import type { HandFile } from '@open-palm/contract';
import { ageBandOf, type Advice } from '@open-palm/core/judge';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { findHold } from '@open-palm/records/holds';
import { openPainFlags } from '@open-palm/records/log';
import {
  drillHistories,
  improvedOver,
  planFactsOf,
  type KnownDrill,
  type PlanWishes,
} from '@open-palm/records/practice';
import { calendarDay, dateOfDay, zoneOf } from '@open-palm/records/time';
import type { PlanFacts } from '@open-palm/core/practice/plan';
import { useAdvice } from '../../../assessment/advice/useAdvice';
import { findingsOfLesson, historyBefore } from '../../../assessment/advice/lesson';
import { deviceZone, studioNow } from '../../../foundation/api/clock';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { useHistory } from '../../../foundation/api/queries';

/** A cause that is less probable is not worked on; no more than so many at once. [memory] */
const LEAST_POSTERIOR = 0.15;
const MOST_CAUSES = 4;

/** What of a hand file a plan rests on. */
export interface PlanGround {
  /** Null until it is worked out. */
  causes: Record<string, number> | null;
  isFailed: boolean;
  again: () => void;
  known: Record<string, KnownDrill>;
  /** Today on the student's calendar, as 2026-11-26. */
  today: string;
  factsFor: (wishes: PlanWishes) => PlanFacts;
}

const causesIn = (advice: Advice): Record<string, number> =>
  advice.kind === 'toWorkOn'
    ? Object.fromEntries(
        advice.ranked
          .filter(({ posterior }) => posterior >= LEAST_POSTERIOR)
          .slice(0, MOST_CAUSES)
          .map(({ cause, posterior }) => [cause.id, posterior]),
      )
    : {};

/** What is worked on with a student, what is known of drills, and the facts of a plan. */
export function usePlanGround(handFile: HandFile, log: LessonLog): PlanGround {
  const { student, setupId, ownHolds, history, lastSeen, signs } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { hold } = gripFacts(gripOf(student, setup, taught, null), taught, null);
  const now = studioNow();
  const year = now.getFullYear();
  const zone = zoneOf(student, deviceZone());
  const today = dateOfDay(calendarDay(now, zone));
  const [latest] = history;
  const findings = useMemo(
    () =>
      findingsOfLesson(
        lastSeen.map(({ latest: { checkId, context, merged } }) => ({ checkId, context, merged })),
        signs,
        log.entries,
        hold,
      ),
    [lastSeen, signs, log.entries, hold],
  );
  const priors = useMemo(
    () => historyBefore(log.entries, latest?.id ?? ''),
    [log.entries, latest?.id],
  );
  const hurts = openPainFlags(log.entries).length > 0;
  const { advice, isFailed, again } = useAdvice(findings, {
    hold,
    ...(latest ? { context: latest.context } : {}),
    student: { history: priors, age: ageBandOf(student.birthYear, year) },
    level: student.level,
    hurts,
    asks: false,
  });
  const looks = useHistory(student.id, setupId).data?.checks;
  const known = useMemo(
    () => drillHistories(log.entries, today, improvedOver(looks ?? [], zone)),
    [log.entries, looks, today, zone],
  );
  const causes = useMemo(() => advice && causesIn(advice), [advice]);
  const factsFor = useMemo(
    () => (wishes: PlanWishes) =>
      planFactsOf({ student, hold, log: log.entries, causes: causes ?? {}, known, wishes, year }),
    [student, hold, log.entries, causes, known, year],
  );
  return { causes, isFailed, again, known, today, factsFor };
}
