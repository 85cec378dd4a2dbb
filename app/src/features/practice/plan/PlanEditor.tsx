import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { usualMinutes } from '@open-palm/core/practice/plan';
import { planDays, plansOf, type KeptPlan, type PlanWishes } from '@open-palm/records/practice';
import { dateOfDay, dayOfDate, nextLessonDate } from '@open-palm/records/time';
import { studioNow } from '../../../foundation/api/clock';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice } from '../../../foundation/kit/Choice';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';
import { dateWords } from '../../../foundation/strings/dateWords';
import { AddDrill } from './AddDrill';
import { DaysStrip } from './DaysStrip';
import { DragDrills } from './DragDrill';
import { keptPlan } from './keptPlan';
import { MinutesStepper } from './MinutesStepper';
import { PhaseCard } from './PhaseCard';
import { planPhases, restsOf } from './planPhases';
import { PlanSummary } from './PlanSummary';
import { usePlan } from './usePlan';
import type { PlanGround } from './usePlanFacts';
import { wished, type DrillWish } from './wishes';

const words = strings.practice;
const HOME = ['ball', 'tube', 'partner'] as const;
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
  const tokens = useTokens();
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
  const [called, setCalled] = useState(before?.called ?? firstName(student.name));
  const [lesson, setLesson] = useState(wishes.lesson);
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
  const isDate = /^\d{4}-\d{2}-\d{2}$/.test(lesson) && !Number.isNaN(Date.parse(lesson));
  const keep = (gives: boolean) => {
    if (!plan || !causes) return;
    setKeeping(true);
    const entry = {
      kind: 'plan' as const,
      replaces: before?.id ?? null,
      called: called.trim() === '' ? firstName(student.name) : called.trim(),
      ...keptPlan(plan, wishes, causes),
    };
    const of = { studentId: student.id, setupId: handFile.setupId, madeAt: now.toISOString() };
    void log
      .add(entry)
      .then((id) => onKept({ ...entry, ...of, id }, gives))
      .finally(() => setKeeping(false));
  };
  const isReady = plan !== null && !isSolving && !keeping;
  const days = planDays(wishes).map(({ day }) => dateOfDay(day));
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
        <View style={{ gap: space(1) }}>
          <WordField
            label={words.noLesson}
            value={lesson}
            onChange={(text) => {
              setLesson(text);
              const isGood = /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text));
              const far = isGood ? dayOfDate(text) - dayOfDate(wishes.from) : -1;
              if (far >= 0 && far <= 62) setWishes((old) => ({ ...old, lesson: text }));
            }}
          />
          {isDate ? null : (
            <Text variant="small" color={tokens.out}>
              {strings.agreements.dateWrong}
            </Text>
          )}
        </View>
      )}
      <MinutesStepper
        minutes={wishes.minutesADay}
        onChange={(minutesADay) => setWishes((old) => ({ ...old, minutesADay }))}
      />
      {isFailed || ground.isFailed ? (
        <Notice
          tone="out"
          action={{ label: strings.loading.retry, onPress: isFailed ? again : ground.again }}
        >
          {words.failed}
        </Notice>
      ) : answer === null ? (
        <Text second>{words.solving}</Text>
      ) : answer.kind === 'none' ? (
        <Notice
          tone={answer.why === 'hurts' ? 'out' : 'amber'}
          {...(answer.why === 'lockedTooMuch'
            ? {
                action: {
                  label: words.takeBack,
                  onPress: () => setWishes((old) => ({ ...old, locked: [], moved: {} })),
                },
              }
            : {})}
        >
          {words.none[answer.why]}
        </Notice>
      ) : (
        <>
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
          <PlanSummary plan={answer.plan} causes={causes ?? {}} limits={limits} now={now} />
        </>
      )}
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
      <Card style={{ gap: space(3) }}>
        <DaysStrip
          days={days}
          without={wishes.withoutInstrument}
          rests={plan ? restsOf(plan).map(dateOfDay) : []}
          onToggle={(day) =>
            setWishes((old) => ({ ...old, withoutInstrument: toggled(old.withoutInstrument, day) }))
          }
        />
        <View style={{ gap: space(2) }}>
          <Text variant="label" second>
            {words.has}
          </Text>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
            {HOME.map((need) => (
              <Choice
                key={need}
                role="checkbox"
                label={words.needs[need] ?? need}
                chosen={wishes.has.includes(need)}
                onPress={() => setWishes((old) => ({ ...old, has: toggled(old.has, need) }))}
              />
            ))}
          </View>
        </View>
        <WordField label={words.called} value={called} onChange={setCalled} />
        <Text variant="small" second>
          {words.calledHelp}
        </Text>
      </Card>
    </Screen>
  );
}

const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one];

const firstName = (name: string): string => name.trim().split(/\s+/)[0]!;
