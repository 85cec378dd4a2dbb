import { router } from 'expo-router';
import { View } from 'react-native';
import type { CheckSummary, HandFile } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { useHandFile } from '../../api/queries';
import { Breakdown } from '../../breakdown/Breakdown';
import { StandingRow } from '../../breakdown/StandingRow';
import { BackHeader } from '../../kit/BackHeader';
import { Button } from '../../kit/Button';
import { Card } from '../../kit/Card';
import { Columns } from '../../kit/Columns';
import { Loaded } from '../../kit/Loaded';
import { Notice } from '../../kit/Notice';
import { PressRow } from '../../kit/PressRow';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { space } from '../../kit/tokens';
import { GripPortrait, shownBy } from '../../portrait/GripPortrait';
import { strings } from '../../strings';
import { agoWords, dayWords } from '../../strings/dateWords';
import { LatestAgainstPrevious } from './LatestAgainstPrevious';

const words = strings.handFile;

/** A student's hand file: the portrait, the four families, what changed since the look before, every look. */
export function HandFileScreen({ studentId }: { studentId: string }) {
  const handFile = useHandFile(studentId);
  return (
    <Loaded from={handFile}>{(data) => <HandFileView handFile={data} now={new Date()} />}</Loaded>
  );
}

function HandFileView({ handFile, now }: { handFile: HandFile; now: Date }) {
  const { student, history, lastSeen } = handFile;
  const measures = lastSeen.map(({ latest }) => latest.measure);
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
            onPress={() => router.navigate(`/students/${student.id}/check`)}
            style={{ flex: 1 }}
          />
        </>
      }
    >
      <BackHeader
        title={student.name}
        under={studentLine(handFile, now)}
        backLabel={strings.nav.back}
        onBack="/students"
      />
      <Columns
        picture={
          <>
            <Card style={{ padding: 0, overflow: 'hidden' }}>
              <GripPortrait
                numbers={{
                  hold: holdById(student.holdId),
                  side: student.side,
                  skinTone: student.skinTone,
                  contacts: handFile.contacts,
                  ...shownBy(measures),
                }}
                label={words.portrait(student.name)}
              />
              <View style={{ padding: space(3), paddingTop: space(1) }}>
                <Text variant="small" second>
                  {latest ? words.drawnFrom : words.empty}
                </Text>
              </View>
            </Card>
            {latest ? <LatestAgainstPrevious lastSeen={lastSeen} /> : null}
          </>
        }
      >
        {latest ? <Breakdown measures={measures} notMeasured={[]} /> : null}
        <Text variant="heading">{words.history}</Text>
        {latest ? null : <Text>{words.noHistory}</Text>}
        {history.map((check) => (
          <HistoryRow key={check.id} check={check} now={now} />
        ))}
        <Notice>{strings.cautions.pain}</Notice>
      </Columns>
    </Screen>
  );
}

function studentLine({ student, history }: HandFile, now: Date): string {
  const [latest] = history;
  return [
    strings.instruments[student.instrument],
    strings.holds[student.holdId] ?? student.holdId,
    ...(student.birthYear === null ? [] : [words.age(now.getFullYear() - student.birthYear)]),
    latest ? words.lookedAt(agoWords(latest.takenAt, now)) : words.neverLooked,
  ].join(' · ');
}

function HistoryRow({ check, now }: { check: CheckSummary; now: Date }) {
  const day = dayWords(check.takenAt);
  return (
    <PressRow label={words.openCheck(day)} onPress={() => router.navigate(`/checks/${check.id}`)}>
      <View style={{ flex: 1, gap: space(1), paddingHorizontal: space(1) }}>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: space(2) }}>
          <Text variant="strong">{day}</Text>
          <Text variant="small" second style={{ flex: 1, textAlign: 'right' }}>
            {agoWords(check.takenAt, now)}
          </Text>
        </View>
        <Text variant="small" second>
          {`${strings.contexts[check.context]} · ${strings.views[check.view]}`}
        </Text>
        <StandingRow standings={check.standings} />
      </View>
    </PressRow>
  );
}
