import { useState } from 'react';
import type { HandFile, LogEntry, Paper } from '@open-palm/contract';
import { BOW_SIZES } from '@open-palm/core/bow';
import { buildOfHand } from '@open-palm/core/pose';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { findHold } from '@open-palm/records/holds';
import { plansOf, type KeptPlan } from '@open-palm/records/practice';
import { dayOfDate } from '@open-palm/records/time';
import { useLessonLog } from '../../foundation/api/lessonLog';
import { useHandFile } from '../../foundation/api/queries';
import { Loaded } from '../../foundation/kit/Loaded';
import { saveFile } from '../../foundation/kit/saveFile';
import type { CardHand } from './card/drawCard';
import { printCard } from './card/paperCard';
import { giveFile, makeCardData, makeCardFile } from './card/makeCard';
import { KeptPlanView } from './KeptPlanView';
import { PlanEditor } from './plan/PlanEditor';
import { usePlanGround } from './plan/usePlanFacts';
import { Together } from './together/Together';

/** Practice until the next lesson: planned, given as a card, and what came back. */
export function PracticeScreen({ studentId, setupId }: { studentId: string; setupId?: string }) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>{(data) => <Practice key={data.setupId} handFile={data} />}</Loaded>
  );
}

/** So many days after its lesson a plan is still at hand: its log comes back in that lesson, or in the one after a missed one. */
const LATE_DAYS = 7;

const isAtHand = ({ lesson }: KeptPlan, today: string): boolean =>
  dayOfDate(today) <= dayOfDate(lesson) + LATE_DAYS;

type Page = 'plan' | 'edit' | 'together';

function Practice({ handFile }: { handFile: HandFile }) {
  const { student, setupId, ownHolds } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { hold, hand } = gripFacts(gripOf(student, setup, taught, null), taught, null);
  const log = useLessonLog(handFile);
  const ground = usePlanGround(handFile, log);
  const { today } = ground;
  const [newest] = plansOf(log.entries);
  const current = newest && isAtHand(newest, today) ? newest : null;
  const [page, setPage] = useState<Page>('plan');
  const [giving, setGiving] = useState<'making' | 'given' | 'failed' | null>(null);
  const back = `/students/${student.id}?setup=${setupId}` as const;
  const cardHand: CardHand = {
    hold,
    drawn: {
      hold: drawnHold(hold, BOW_SIZES[setup.bowSize]),
      build: buildOfHand(hand.middleFinger.mm),
    },
    side: student.side,
    skinTone: student.skinTone,
  };
  const give = async (plan: KeptPlan, entries: readonly LogEntry[]) => {
    setGiving('making');
    try {
      await giveFile(await makeCardFile(plan, entries, cardHand));
      setGiving('given');
    } catch {
      setGiving('failed');
    }
  };
  const print = async (plan: KeptPlan, paper: Paper) => {
    setGiving('making');
    try {
      saveFile(await printCard(plan, log.entries, paper), `practice-${plan.lesson}.pdf`);
      setGiving(null);
    } catch {
      setGiving('failed');
    }
  };
  const kept = (plan: KeptPlan, gives: boolean) => {
    setPage('plan');
    setGiving(null);
    if (gives) void give(plan, log.entries);
  };

  if (page === 'together' && current) {
    return (
      <Together
        today={today}
        makeData={() => makeCardData(inLesson(current, today), log.entries, cardHand)}
        onLeave={(turns) => {
          setPage('plan');
          if (turns.length === 0) return;
          void log.add({ kind: 'practised', of: current.id, via: 'together', entries: turns });
          if (turns.some(({ result }) => result === 'hurt')) {
            void log.add({ kind: 'hurt', what: 'pain', word: null });
          }
        }}
      />
    );
  }
  if (page === 'edit' || !current) {
    return (
      <PlanEditor
        handFile={handFile}
        hold={hold}
        log={log}
        ground={ground}
        back={back}
        onKept={kept}
      />
    );
  }
  return (
    <KeptPlanView
      handFile={handFile}
      hold={hold}
      log={log}
      plan={current}
      today={today}
      giving={giving}
      onGive={() => void give(current, log.entries)}
      onCalendar={() => void saveCalendar(current)}
      onPaper={(paper) => void print(current, paper)}
      onTogether={() => setPage('together')}
      onRemake={() => {
        setGiving(null);
        setPage('edit');
      }}
      back={back}
    />
  );
}

/** The drills of the first day of practice, done today in the lesson. */
const inLesson = (plan: KeptPlan, today: string): KeptPlan => {
  const day =
    plan.days.find(({ on }) => on === today) ?? plan.days.find(({ drills }) => drills.length > 0);
  return { ...plan, days: day ? [{ ...day, on: today }] : [] };
};

async function saveCalendar(plan: KeptPlan): Promise<void> {
  const { calendarFile } = await import('./card/calendarFile');
  const text = calendarFile(plan, { hour: 17, minute: 0 }, Math.floor(Date.now() / 1000));
  saveFile(new Blob([text], { type: 'text/calendar' }), `practice-${plan.lesson}.ics`);
}
