import { router } from 'expo-router';
import { View } from 'react-native';
import type { StudentListItem } from '@open-palm/contract';
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
import { UnsentChecks } from './UnsentChecks';

const words = strings.today;

/** The start of a teaching day: who is due for a look and why, and what has not been sent yet. */
export function TodayScreen() {
  const students = useStudents();
  const now = new Date();
  return (
    <View style={{ flex: 1 }}>
      <Loaded from={students}>
        {(data) => {
          const { due, recent } = partByDue(data.students, now);
          return (
            <Screen>
              <Text variant="title">{words.title}</Text>
              <UnsentChecks />
              <Text variant="heading">{words.due}</Text>
              {data.students.length === 0 ? <Text>{words.noStudents}</Text> : null}
              {data.students.length > 0 && due.length === 0 ? <Text>{words.nobodyDue}</Text> : null}
              {due.map((item) => (
                <DueCard key={item.student.id} item={item} now={now} />
              ))}
              {recent.length > 0 ? <Text variant="heading">{words.recent}</Text> : null}
              {recent.map((item) => (
                <StudentRow key={item.student.id} item={item} now={now} />
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

function StudentRow({ item, now }: { item: StudentListItem; now: Date }) {
  const { student } = item;
  return (
    <PressRow
      label={words.open(student.name)}
      onPress={() => router.navigate(`/students/${student.id}`)}
    >
      <StudentBadge item={item} />
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

function DueCard({ item, now }: { item: StudentListItem; now: Date }) {
  return (
    <View style={{ gap: space(2), marginBottom: space(2) }}>
      <StudentRow item={item} now={now} />
      <Button
        label={words.look}
        accessibilityLabel={words.lookAt(item.student.name)}
        icon="camera-outline"
        onPress={() => router.navigate(`/students/${item.student.id}/check`)}
      />
    </View>
  );
}
