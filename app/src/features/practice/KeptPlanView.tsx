import type { HandFile, Paper } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { openPainFlags } from '@open-palm/records/log';
import { planDone, practisedTurns, type KeptPlan } from '@open-palm/records/practice';
import { dayOfDate } from '@open-palm/records/time';
import { studioNow } from '../../foundation/api/clock';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { PainNotice } from '../../assessment/painFlags/PainNotice';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { dateWords } from '../../foundation/strings/dateWords';
import { aidWords } from './card/cardData';
import { KeptPhase } from './KeptPhase';
import { DoneCard } from './log/DoneCard';
import { TakeLogPart } from './log/TakeLogPart';
import { useTakeLog } from './log/useTakeLog';
import { PlanActions } from './PlanActions';
import { planPhases, restsOf } from './plan/planPhases';

const words = strings.practice;

/** A kept plan: its card to be given, what was done of it, and what comes next. */
export function KeptPlanView({
  handFile,
  hold,
  log,
  plan,
  today,
  giving,
  onGive,
  onCalendar,
  onPaper,
  onTogether,
  onRemake,
  back,
}: {
  handFile: HandFile;
  hold: Hold;
  log: LessonLog;
  plan: KeptPlan;
  today: string;
  giving: 'making' | 'given' | 'failed' | null;
  onGive: () => void;
  onCalendar: () => void;
  onPaper: (paper: Paper) => void;
  onTogether: () => void;
  onRemake: () => void;
  back: `/students/${string}`;
}) {
  const { student } = handFile;
  const now = studioNow();
  const { told, take } = useTakeLog(student, log, today);
  const turns = practisedTurns(log.entries, plan.id);
  const asDays = {
    days: plan.days.map(({ on, phase, drills }) => ({
      day: dayOfDate(on),
      phase,
      drills,
      minutes: drills.reduce((sum, one) => sum + one.turns * one.minutesATurn, 0),
    })),
  };
  const phases = planPhases(asDays);
  // In its lesson, and after it, what was done comes back and the next plan is made.
  const isOver = plan.lesson <= today;
  // No exercise at all until the teacher says that it is over: no card is given either.
  const hurts = openPainFlags(log.entries).length > 0;
  return (
    <Screen
      footer={
        <>
          <Button
            label={words.remake}
            onPress={onRemake}
            {...(isOver ? { primary: true, style: { flex: 1 } } : { compact: true })}
          />
          {isOver ? null : (
            <Button
              label={giving === 'making' ? words.giving : words.give}
              icon="send"
              primary
              busy={giving === 'making'}
              disabled={giving === 'making' || hurts}
              onPress={onGive}
              style={{ flex: 1 }}
            />
          )}
        </>
      }
    >
      <BackHeader
        title={words.title}
        under={`${student.name} · ${isOver ? words.card.over(dateWords(plan.lesson, now)) : words.until(dateWords(plan.lesson, now))}`}
        backLabel={strings.nav.toStudent}
        onBack={back}
      />
      <PainNotice log={log} now={now} />
      {hurts ? <Notice tone="out">{words.none.hurts}</Notice> : null}
      {giving === 'failed' ? <Notice tone="out">{words.giveFailed}</Notice> : null}
      {giving === 'given' ? <Notice>{words.given}</Notice> : null}
      {hurts ? null : (
        <PlanActions onTogether={onTogether} onCalendar={onCalendar} onPaper={onPaper} />
      )}
      {aidWords(log.entries, today).map((line) => (
        <Text key={line} variant="small">
          {line}
        </Text>
      ))}
      {told ? <Notice tone={told.tone}>{told.text}</Notice> : null}
      <DoneCard done={planDone(plan, turns, today)}>
        <TakeLogPart plan={plan} known={turns} today={today} take={take} />
      </DoneCard>
      {phases.map((phase) => (
        <KeptPhase
          key={phase.phase}
          phase={phase}
          hold={hold}
          side={student.side}
          skinTone={student.skinTone}
        />
      ))}
      {restsOf(asDays).length === 0 ? null : (
        <Text variant="small" second>
          {words.restDays(
            plan.days
              .filter(({ phase }) => phase === null)
              .map(({ on }) => dateWords(on, now))
              .join(', '),
          )}
        </Text>
      )}
      <Notice>{strings.cautions.pain}</Notice>
    </Screen>
  );
}
