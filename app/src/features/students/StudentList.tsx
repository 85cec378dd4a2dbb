import { router } from 'expo-router';
import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { useStudents } from '../../foundation/api/queries';
import { StandingRow } from '../../assessment/breakdown/StandingRow';
import { findHold } from '@open-palm/records/holds';
import { holdName } from '../../foundation/strings/holdWords';
import { Button } from '../../foundation/kit/Button';
import { Loaded } from '../../foundation/kit/Loaded';
import { PressRow } from '../../foundation/kit/PressRow';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { StudentBadge } from '../../drawing/portrait/StudentBadge';
import { strings } from '../../foundation/strings';

const words = strings.students;

/** Every instrument of a student with its hold. */
const linesOf = (setups: Student['setups'], ownHolds: readonly Hold[]): string =>
  setups
    .map(({ instrument, holdId }) =>
      words.line(strings.instruments[instrument], holdName(findHold(holdId, ownHolds))),
    )
    .join('\n');

/** Every student, with how the hold stands. */
export function StudentList({ chosenId }: { chosenId?: string }) {
  const students = useStudents();
  return (
    <Loaded from={students}>
      {(data) => (
        <Screen
          footer={
            <>
              <Button
                label={words.studio}
                icon="home-city-outline"
                onPress={() => router.navigate('/studio')}
              />
              <Button
                label={words.add}
                icon="plus"
                primary={chosenId === undefined}
                onPress={() => router.navigate('/students/new')}
                style={{ flex: 1 }}
              />
            </>
          }
        >
          <Text variant="title">{words.title}</Text>
          {data.students.length === 0 ? <Text>{words.empty}</Text> : null}
          {data.students.map((item) => (
            <PressRow
              key={item.student.id}
              label={strings.today.open(item.student.name)}
              chosen={item.student.id === chosenId}
              onPress={() => router.navigate(`/students/${item.student.id}`)}
            >
              <StudentBadge item={item} />
              <View style={{ flex: 1, gap: space(1) }}>
                <Text variant="figure">{item.student.name}</Text>
                <Text variant="small" second>
                  {linesOf(item.student.setups, data.ownHolds)}
                </Text>
                <StandingRow standings={item.standings} />
              </View>
            </PressRow>
          ))}
        </Screen>
      )}
    </Loaded>
  );
}
