import { router } from 'expo-router';
import { View } from 'react-native';
import type { StudentListItem } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { useStudents } from '../../api/queries';
import { StandingRow } from '../../breakdown/StandingRow';
import { Button } from '../../kit/Button';
import { Loaded } from '../../kit/Loaded';
import { NavBar } from '../../kit/NavBar';
import { PressRow } from '../../kit/PressRow';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { space } from '../../kit/tokens';
import { StudentBadge } from '../../portrait/StudentBadge';
import { strings } from '../../strings';
import { agoWords } from '../../strings/dateWords';
import { partByDue } from './dueStudents';
import { UnfinishedLooks } from './UnfinishedLooks';
import { UnsentChecks } from './UnsentChecks';

const words = strings.today;

/** The start of a teaching day: who is due for a look and why, and what has not been sent yet. */
export function TodayScreen() {
  const students = useStudents();
  const now = new Date();
  // What this device holds is told whether the studio answers or not.
  const here = (
    <>
      <UnsentChecks />
      <UnfinishedLooks now={now} />
    </>
  );
  return (
    <View style={{ flex: 1 }}>
      <Loaded from={students} meanwhile={here}>
        {(data) => {
          const { due, recent } = partByDue(data.students, now);
          return (
            <Screen>
              <Text variant="title">{words.title}</Text>
              {here}
              <Text variant="heading">{words.due}</Text>
              {data.students.length === 0 ? <Text>{words.noStudents}</Text> : null}
              {data.students.length > 0 && due.length === 0 ? <Text>{words.nobodyDue}</Text> : null}
              {due.map((item) => (
                <DueCard key={item.student.id} item={item} ownHolds={data.ownHolds} now={now} />
              ))}
              {recent.length > 0 ? <Text variant="heading">{words.recent}</Text> : null}
              {recent.map((item) => (
                <StudentRow key={item.student.id} item={item} ownHolds={data.ownHolds} now={now} />
              ))}
            </Screen>
          );
        }}
      </Loaded>
      <NavBar current="today" />
    </View>
  );
}

const reason = ({ lastCheckAt }: StudentListItem, now: Date) =>
  lastCheckAt === null ? words.never : words.since(agoWords(lastCheckAt, now));

interface RowProps {
  item: StudentListItem;
  ownHolds: readonly Hold[];
  now: Date;
}

function StudentRow({ item, ownHolds, now }: RowProps) {
  const { student } = item;
  return (
    <PressRow
      label={words.open(student.name)}
      onPress={() => router.navigate(`/students/${student.id}`)}
    >
      <StudentBadge item={item} ownHolds={ownHolds} />
      <View style={{ flex: 1, gap: space(1) }}>
        <Text variant="figure">{student.name}</Text>
        <Text variant="small" second>
          {reason(item, now)}
        </Text>
        <StandingRow standings={item.standings} />
      </View>
    </PressRow>
  );
}

function DueCard({ item, ownHolds, now }: RowProps) {
  return (
    <View style={{ gap: space(2), marginBottom: space(2) }}>
      <StudentRow item={item} ownHolds={ownHolds} now={now} />
      <Button
        label={words.look}
        accessibilityLabel={words.lookAt(item.student.name)}
        icon="camera-outline"
        onPress={() => router.navigate(`/students/${item.student.id}/check`)}
      />
    </View>
  );
}
