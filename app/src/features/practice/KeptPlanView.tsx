import { useState } from 'react';
import { View } from 'react-native';
import type { HandFile, Paper, PractisedTurn } from '@open-palm/contract';
import { PAPERS } from '@open-palm/contract';
import { fromCodes } from '@open-palm/card/code';
import type { Hold } from '@open-palm/core/holds';
import { planDone, practisedTurns, type KeptPlan } from '@open-palm/records/practice';
import { dayOfDate } from '@open-palm/records/time';
import { DrillPicture } from '../../drawing/drills/DrillPicture';
import { studioNow } from '../../foundation/api/clock';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { PainNotice } from '../../assessment/painFlags/PainNotice';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { pickFile } from '../../foundation/kit/pickFile';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { dateWords } from '../../foundation/strings/dateWords';
import { aidWords } from './card/cardData';
import { DoneCard } from './log/DoneCard';
import { ScanCode } from './log/ScanCode';
import { TickOff } from './log/TickOff';
import { useTakeLog } from './log/useTakeLog';
import { daysWords } from './plan/PhaseCard';
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
  const [reading, setReading] = useState<'ways' | 'scan' | 'tick' | null>(null);
  const [printing, setPrinting] = useState(false);
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
  const takeTicks = (ticked: PractisedTurn[]) => {
    setReading(null);
    const known = new Set(turns.map(({ day, drill, turn }) => `${day} ${drill} ${turn}`));
    const entries = ticked.filter(({ day, drill, turn }) => !known.has(`${day} ${drill} ${turn}`));
    take(() => ({ v: 1, plan: plan.id, card: 'paper', entries }), 'paper');
  };
  const wide = { flexGrow: 1 };
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
              disabled={giving === 'making'}
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
      {giving === 'failed' ? <Notice tone="out">{words.giveFailed}</Notice> : null}
      {giving === 'given' ? <Notice>{words.given}</Notice> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        <Button
          label={words.together}
          icon="account-multiple-outline"
          compact
          onPress={onTogether}
          style={wide}
        />
        <Button
          label={words.calendar}
          icon="calendar-outline"
          compact
          onPress={onCalendar}
          style={wide}
        />
        {printing ? (
          PAPERS.map((paper) => (
            <Button
              key={paper}
              label={words.papers[paper]}
              icon="printer-outline"
              compact
              onPress={() => {
                setPrinting(false);
                onPaper(paper);
              }}
              style={wide}
            />
          ))
        ) : (
          <Button
            label={words.paper}
            icon="printer-outline"
            compact
            onPress={() => setPrinting(true)}
            style={wide}
          />
        )}
      </View>
      {aidWords(log.entries, today).map((line) => (
        <Text key={line} variant="small">
          {line}
        </Text>
      ))}
      {told ? <Notice tone={told.tone}>{told.text}</Notice> : null}
      <DoneCard done={planDone(plan, turns, today)}>
        {reading === null ? (
          <Button label={words.log.read} icon="qrcode-scan" onPress={() => setReading('ways')} />
        ) : reading === 'ways' ? (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
            <Button
              label={words.log.scan}
              icon="camera-outline"
              compact
              onPress={() => setReading('scan')}
              style={wide}
            />
            <Button
              label={words.log.file}
              icon="file-outline"
              compact
              onPress={() =>
                void pickFile('text/plain,.txt').then(async (file) => {
                  if (!file) return;
                  const text = await file.text();
                  setReading(null);
                  take(() => fromCodes(text), 'card');
                })
              }
              style={wide}
            />
            <Button
              label={words.log.told}
              icon="check-all"
              compact
              onPress={() => setReading('tick')}
              style={wide}
            />
          </View>
        ) : reading === 'scan' ? (
          <>
            <ScanCode
              onWhole={(read) => {
                setReading(null);
                take(read, 'card');
              }}
            />
            <Button label={words.close} onPress={() => setReading(null)} />
          </>
        ) : (
          <>
            <TickOff plan={plan} known={turns} today={today} onTake={takeTicks} />
            <Button label={words.close} onPress={() => setReading(null)} />
          </>
        )}
      </DoneCard>
      {phases.map(({ phase, days, drills, minutes }) => (
        <Card key={phase} style={{ gap: space(2) }}>
          <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: space(2) }}>
            <Text variant="heading" style={{ flex: 1 }}>
              {daysWords(days)}
            </Text>
            <Text variant="small" second>
              {words.aDay(minutes)}
            </Text>
          </View>
          {drills.map(({ drill, turns: planned, minutesATurn }) => (
            <View key={drill} style={{ flexDirection: 'row', alignItems: 'center', gap: space(3) }}>
              <View style={{ width: 76, borderRadius: 10, overflow: 'hidden' }}>
                <DrillPicture
                  drill={drill}
                  hold={hold}
                  side={student.side}
                  skinTone={student.skinTone}
                />
              </View>
              <View style={{ flex: 1 }}>
                <Text variant="strong">{strings.drills[drill] ?? drill}</Text>
                <Text variant="small" second>
                  {minutesATurn === 0 ? words.within : words.dose(planned, minutesATurn)}
                </Text>
              </View>
            </View>
          ))}
        </Card>
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
