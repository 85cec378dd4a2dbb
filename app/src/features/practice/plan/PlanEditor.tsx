import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { usualMinutes } from '@open-palm/core/practice/plan';
import { plansOf, type KeptPlan, type PlanWishes } from '@open-palm/records/practice';
import { dateOfDay, dayOfDate, nextLessonDate } from '@open-palm/records/time';
import { studioNow } from '../../../foundation/api/clock';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { dateWords } from '../../../foundation/strings/dateWords';
import { AddDrill } from './AddDrill';
import { DragDrills } from './DragDrill';
import { HomeCard } from './HomeCard';
import { keptPlan } from './keptPlan';
import { LessonDate } from './LessonDate';
import { MinutesStepper } from './MinutesStepper';
import { PhaseCard } from './PhaseCard';
import { PlanOutcome } from './PlanOutcome';
import { planPhases, restsOf } from './planPhases';
import { PlanSummary } from './PlanSummary';
import { usePlan } from './usePlan';
import type { PlanGround } from './usePlanFacts';
import { wished, type DrillWish } from './wishes';

const words = strings.practice;
/** Until when, where no lesson is planned. */
const USUAL_DAYS = 7;

/** Planning until the next lesson: solved at once, and again around whatever the teacher settles. */
export function PlanEditor({
  handFile,
  hold,
  log,
  ground,
  back,
  onKept,
}: {
  handFile: HandFile;
  hold: Hold;
  log: LessonLog;
  ground: PlanGround;
  back: `/students/${string}`;
  onKept: (plan: KeptPlan, gives: boolean) => void;
}) {
  const { student } = handFile;
  const now = studioNow();
  const { today, causes, known } = ground;
  const [before] = plansOf(log.entries);
  const [wishes, setWishes] = useState<PlanWishes>(() => ({
    from: dateOfDay(dayOfDate(today) + 1),
    lesson: student.lesson
      ? nextLessonDate(student.lesson, today)
      : dateOfDay(dayOfDate(today) + USUAL_DAYS),
    minutesADay:
      before?.minutesADay ??
      usualMinutes(student.birthYear === null ? null : now.getFullYear() - student.birthYear),
    withoutInstrument: [],
    has: before?.has ?? [],
    locked: [],
    dropped: [],
    moved: {},
    stages: before?.stages ?? {},
  }));
  const [called, setCalled] = useState(before?.called ?? nameOnCard('', student.name));
  const [adding, setAdding] = useState<{ instead: string | null } | null>(null);
  const [keeping, setKeeping] = useState(false);
  const facts = useMemo(
    () => (causes === null ? null : ground.factsFor(wishes)),
    [causes, ground, wishes],
  );
  const { answer, limits, isSolving, isFailed, again } = usePlan(facts);
  const plan = answer?.kind === 'plan' ? answer.plan : null;
  const phases = useMemo(() => (plan ? planPhases(plan) : []), [plan]);
  const wish = (one: DrillWish) => setWishes((old) => wished(old, one));
  const keep = (gives: boolean) => {
    if (!plan || !causes) return;
    setKeeping(true);
    const entry = {
      kind: 'plan' as const,
      replaces: before?.id ?? null,
      called: nameOnCard(called, student.name),
      ...keptPlan(plan, wishes, causes),
    };
    const of = { studentId: student.id, setupId: handFile.setupId, madeAt: now.toISOString() };
    void log
      .add(entry)
      .then((id) => onKept({ ...entry, ...of, id }, gives))
      .finally(() => setKeeping(false));
  };
  const isReady = plan !== null && !isSolving && !keeping;
  return (
    <Screen
      footer={
        <>
          <Button label={words.keep} disabled={!isReady} onPress={() => keep(false)} compact />
          <Button
            label={words.keepAndGive}
            primary
            disabled={!isReady}
            onPress={() => keep(true)}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={words.title}
        under={`${student.name} · ${words.until(dateWords(wishes.lesson, now))}`}
        backLabel={strings.nav.toStudent}
        onBack={back}
      />
      {student.lesson ? null : (
        <LessonDate
          from={wishes.from}
          lesson={wishes.lesson}
          onChange={(lesson) => setWishes((old) => ({ ...old, lesson }))}
        />
      )}
      <MinutesStepper
        minutes={wishes.minutesADay}
        onChange={(minutesADay) => setWishes((old) => ({ ...old, minutesADay }))}
      />
      <PlanOutcome
        answer={answer}
        isFailed={isFailed || ground.isFailed}
        onAgain={isFailed ? again : ground.again}
        onFree={() => setWishes((old) => ({ ...old, locked: [], moved: {} }))}
      >
        <DragDrills onMove={(drill, phase) => wish({ kind: 'move', drill, phase })}>
          {phases.map((phase) => (
            <PhaseCard
              key={phase.phase}
              phase={phase}
              phases={phases}
              wishes={wishes}
              known={known}
              hold={hold}
              side={student.side}
              skinTone={student.skinTone}
              onWish={wish}
              onSwap={(drill) => setAdding({ instead: drill })}
            />
          ))}
        </DragDrills>
        {plan ? <PlanSummary plan={plan} causes={causes ?? {}} limits={limits} now={now} /> : null}
      </PlanOutcome>
      {adding && facts ? (
        <AddDrill
          facts={facts}
          planned={phases.flatMap(({ drills }) => drills.map(({ drill }) => drill))}
          hold={hold}
          side={student.side}
          skinTone={student.skinTone}
          onTake={(by) => {
            wish(
              adding.instead === null
                ? { kind: 'lock', drill: by }
                : { kind: 'swap', drill: adding.instead, by },
            );
            setAdding(null);
          }}
          onClose={() => setAdding(null)}
        />
      ) : answer && !(answer.kind === 'none' && answer.why === 'hurts') ? (
        <Button label={words.add} icon="plus" onPress={() => setAdding({ instead: null })} />
      ) : null}
      {wishes.dropped.length > 0 ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
          <Text variant="small" second style={{ flex: 1 }}>
            {words.dropped(wishes.dropped.length)}
          </Text>
          <Button
            label={words.takeBack}
            compact
            onPress={() => setWishes((old) => ({ ...old, dropped: [] }))}
          />
        </View>
      ) : null}
      <HomeCard
        wishes={wishes}
        rests={plan ? restsOf(plan).map(dateOfDay) : []}
        called={called}
        onWishes={setWishes}
        onCalled={setCalled}
      />
    </Screen>
  );
}

/** So many letters a card has room for. */
const MOST_LETTERS = 40;

/** What the teacher wrote, or the first name. */
const nameOnCard = (written: string, name: string): string =>
  (written.trim() === '' ? name.trim().split(/\s+/)[0]! : written.trim()).slice(0, MOST_LETTERS);
