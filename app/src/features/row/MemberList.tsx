import { useState } from 'react';
import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { GroupInput, StudentListItem } from '@open-palm/contract';
import { freeSeats } from '@open-palm/core/row/seats';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Choice } from '../../foundation/kit/Choice';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';
import { rowWords } from '../../foundation/strings/row';
import { InstrumentFigure } from './InstrumentFigure';

const words = rowWords.edit;
type Members = GroupInput['members'];

/** Who plays in a group, and on which of their instruments. */
export function MemberList({
  members,
  students,
  onChange,
}: {
  members: Members;
  students: readonly StudentListItem[];
  onChange: (members: Members) => void;
}) {
  const [isAdding, setIsAdding] = useState(false);
  const inIt = students.filter(({ student }) => members[student.id]);
  const others = students.filter(({ student }) => !members[student.id]);
  const add = (studentId: string, setupId: string) => {
    const taken = Object.values(members).flatMap(({ seat }) => seat ?? []);
    const [seat] = freeSeats(1, taken);
    onChange({ ...members, [studentId]: { setupId, seat: seat ?? null } });
  };
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="heading">{words.members}</Text>
      {inIt.length === 0 ? <Text second>{words.none}</Text> : null}
      {inIt.map(({ student }) => {
        const member = members[student.id]!;
        return (
          <Card key={student.id} style={{ gap: space(1), padding: space(2) }}>
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
              {student.setups
                .filter(({ id }) => id === member.setupId)
                .map(({ id, instrument }) => (
                  <InstrumentFigure key={id} instrument={instrument} size={30} />
                ))}
              <Text variant="strong" style={{ flex: 1 }}>
                {student.name}
              </Text>
              <IconButton
                icon="close"
                accessibilityLabel={words.remove(student.name)}
                onPress={() => {
                  const { [student.id]: _, ...rest } = members;
                  onChange(rest);
                }}
                style={{ margin: 0, width: 48, height: 48 }}
              />
            </View>
            {student.setups.length > 1 ||
            !student.setups.some(({ id }) => id === member.setupId) ? (
              <View
                role="radiogroup"
                aria-label={words.plays(student.name)}
                style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(1) }}
              >
                {student.setups.map((setup) => (
                  <Choice
                    key={setup.id}
                    label={`${strings.instruments[setup.instrument]} · ${strings.holds[setup.holdId] ?? setup.holdId}`}
                    chosen={setup.id === member.setupId}
                    onPress={() =>
                      onChange({ ...members, [student.id]: { ...member, setupId: setup.id } })
                    }
                  />
                ))}
              </View>
            ) : null}
          </Card>
        );
      })}
      {isAdding ? (
        <Card style={{ gap: space(2) }}>
          {others.length === 0 ? <Text second>{words.everyone}</Text> : null}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
            {others.map(({ student }) => (
              <Choice
                key={student.id}
                role="checkbox"
                label={student.name}
                accessibilityLabel={words.addName(
                  student.name,
                  listWords(
                    student.setups.map(({ instrument }) => strings.instruments[instrument]),
                  ),
                )}
                chosen={false}
                onPress={() => add(student.id, student.setups[0]!.id)}
              />
            ))}
          </View>
          <Button label={words.addDone} onPress={() => setIsAdding(false)} />
        </Card>
      ) : (
        <Button label={words.add} icon="plus" onPress={() => setIsAdding(true)} />
      )}
    </View>
  );
}
