import { router } from 'expo-router';
import { useMemo, type ComponentType } from 'react';
import type { HandFile } from '@open-palm/contract';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { studioNow } from '../../foundation/api/clock';
import { AgreementsCard } from '../../assessment/agreements/AgreementsCard';
import { useHandFile } from '../../foundation/api/queries';
import { ExperimentsCard } from './experiments/ExperimentsCard';
import { useLessonLog, type LessonLog } from '../../foundation/api/lessonLog';
import { Breakdown } from '../../assessment/breakdown/Breakdown';
import { VerdictOverrideProvider } from '../../assessment/verdictOverride/verdictOverride';
import { findHold } from '@open-palm/records/holds';
import { holdName } from '../../foundation/strings/holdWords';
import { InstrumentChoices } from '../../assessment/instrument/InstrumentChoices';
import { PainNotice } from '../../assessment/painFlags/PainNotice';
import { useLessonOverrides } from '../../assessment/advice/useLessonOverrides';
import { WorkOnCard } from '../../assessment/advice/WorkOnCard';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Columns } from '../../foundation/kit/Columns';
import { Loaded } from '../../foundation/kit/Loaded';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { GripPortrait } from '../../drawing/portrait/GripPortrait';
import { shownBy } from '../../drawing/portrait/portraitNumbers';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';
import { FittedHandCard } from './FittedHandCard';
import { HistoryList } from './HistoryList';
import { LatestAgainstPrevious } from './LatestAgainstPrevious';
import { PracticeCard } from './PracticeCard';
import { ProvenCues } from './ProvenCues';
import { RelaxedHandCard } from './RelaxedHandCard';

const words = strings.handFile;

/** A student's hand file: the portrait, the four families, what changed since the look before, every look. */
export function HandFileScreen({
  studentId,
  setupId,
  Progress,
}: {
  studentId: string;
  setupId?: string;
  /** How the hold stands over the weeks: another family of screens, which the route brings along. */
  Progress: ProgressPart;
}) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>
      {(data) => <HandFileView handFile={data} now={studioNow()} Progress={Progress} />}
    </Loaded>
  );
}

type ProgressPart = ComponentType<{ handFile: HandFile; log: LessonLog; now: Date }>;

function HandFileView({
  handFile,
  now,
  Progress,
}: {
  handFile: HandFile;
  now: Date;
  Progress: ProgressPart;
}) {
  const { student, setupId, ownHolds, relaxedHand, history, lastSeen } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { hold, hand } = gripFacts(gripOf(student, setup, taught, null), taught, null);
  const shown = useMemo(() => shownBy(lastSeen.map(({ latest }) => latest.merged)), [lastSeen]);
  const seen = useMemo(
    () =>
      lastSeen.map(({ latest: { checkId, context, merged } }) => ({ checkId, context, merged })),
    [lastSeen],
  );
  const measures = seen.map(({ merged }) => merged);
  const marked = { hold, middleFingerMm: hand.middleFinger.mm };
  const log = useLessonLog(handFile);
  const eye = useLessonOverrides(seen, log);
  const [latest] = history;
  return (
    <Screen
      columns
      footer={
        <>
          <Button
            label={words.edit}
            onPress={() => router.navigate(`/students/${student.id}/edit`)}
          />
          <Button
            label={words.look}
            icon="camera-outline"
            primary
            onPress={() => router.navigate(`/students/${student.id}/check?setup=${setupId}`)}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={student.name}
        under={studentLine(handFile, holdName(taught), now)}
        backLabel={strings.nav.back}
        onBack="/students"
      />
      <PainNotice log={log} now={now} />
      <InstrumentChoices setups={student.setups} ownHolds={ownHolds} setupId={setupId} />
      <Columns
        picture={
          <>
            <Card style={{ padding: 0, overflow: 'hidden' }}>
              <GripPortrait
                numbers={{
                  hold,
                  side: student.side,
                  skinTone: student.skinTone,
                  contacts: handFile.contacts,
                  bowSize: setup.bowSize,
                  middleFingerMm: hand.middleFinger.mm,
                  ...shown,
                }}
                label={words.portrait(student.name)}
                caption={
                  <Text variant="small" second>
                    {latest ? words.drawnFrom : words.empty}
                  </Text>
                }
              />
            </Card>
            {handFile.fittedHand ? (
              <FittedHandCard
                fitted={handFile.fittedHand}
                bow={hold.bow}
                skinTone={student.skinTone}
                now={now}
              />
            ) : null}
            {history.length > 1 ? <Progress handFile={handFile} log={log} now={now} /> : null}
            {latest ? <LatestAgainstPrevious lastSeen={lastSeen} /> : null}
          </>
        }
      >
        {latest ? (
          <>
            <WorkOnCard
              measures={seen}
              signs={handFile.signs}
              hold={hold}
              student={student}
              checkId={latest.id}
              context={latest.context}
              log={log}
            />
            {student.bands === 'off' ? <Notice>{strings.bandsOff}</Notice> : null}
            <PracticeCard student={student} setupId={setupId} log={log} now={now} />
            <ProvenCues log={log} now={now} />
            <AgreementsCard student={student} marked={marked} log={log} now={now} />
            <ExperimentsCard student={student} log={log} now={now} />
            <VerdictOverrideProvider value={eye}>
              <Breakdown measures={measures} notMeasured={[]} views={[]} />
            </VerdictOverrideProvider>
          </>
        ) : (
          <>
            {log.entries.some(({ kind }) => kind === 'plan') ? (
              <PracticeCard student={student} setupId={setupId} log={log} now={now} />
            ) : null}
            <AgreementsCard student={student} marked={marked} log={log} now={now} />
          </>
        )}
        <Button
          label={strings.build.open}
          icon="stairs-up"
          onPress={() => router.navigate(`/students/${student.id}/build?setup=${setupId}`)}
        />
        <Button
          label={strings.nav.stroke}
          icon="sine-wave"
          onPress={() => router.navigate(`/students/${student.id}/stroke?setup=${setupId}`)}
        />
        <Button
          label={strings.nav.balance}
          icon="scale-balance"
          onPress={() => router.navigate(`/students/${student.id}/balance?setup=${setupId}`)}
        />
        <HistoryList history={history} now={now} />
        <RelaxedHandCard student={student} relaxedHand={relaxedHand} now={now} />
        <Notice>{strings.cautions.pain}</Notice>
      </Columns>
    </Screen>
  );
}

function studentLine({ student, setupId, history }: HandFile, hold: string, now: Date): string {
  const [latest] = history;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  return [
    strings.instruments[setup.instrument],
    hold,
    ...(setup.bowSize === '4/4' ? [] : [words.bow(strings.bowSizes[setup.bowSize])]),
    ...(student.birthYear === null ? [] : [words.age(now.getFullYear() - student.birthYear)]),
    latest ? words.lookedAt(agoWords(latest.takenAt, now)) : words.neverLooked,
  ].join(' · ');
}
