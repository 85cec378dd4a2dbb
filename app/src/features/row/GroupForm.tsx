import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { LAYOUTS } from '@open-palm/core/row/seats';
import type { GroupInput, StudentListItem } from '@open-palm/contract';
import { groupInputSchema } from '@open-palm/contract/group';
import { lessonSchema, WEEKDAYS } from '@open-palm/contract/lesson';
import { deviceZone } from '../../foundation/api/clock';
import { refreshGroups } from '../../foundation/api/refresh';
import { Refused, saveGroup } from '../../foundation/api/write';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';
import { MemberList } from './MemberList';
import { SeatEditor } from './SeatEditor';

const words = rowWords.edit;
const FIRST_TIME = '15:30';

/** What is written down of a group: its name, when it meets, who plays in it and where they sit. */
export function GroupForm({
  id,
  initial,
  basedOn,
  students,
  onBack,
}: {
  id: string;
  initial: GroupInput;
  basedOn: number;
  students: readonly StudentListItem[];
  onBack: () => void;
}) {
  const [group, setGroup] = useState(initial);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setIsBusy] = useState(false);
  const change = (more: Partial<GroupInput>) => setGroup((before) => ({ ...before, ...more }));
  const { name, meets, layout, members } = group;
  const nameIsMissing = problem !== null && name.trim() === '';
  const timeIsWrong = meets !== null && !lessonSchema.safeParse(meets).success;
  const save = async () => {
    if (name.trim() === '') return setProblem(words.nameNeeded);
    if (timeIsWrong) return setProblem(strings.lessonFields.atHelp);
    const read = groupInputSchema.safeParse(group);
    if (!read.success) return setProblem(words.refused);
    setIsBusy(true);
    try {
      const kept = await saveGroup(id, read.data, basedOn);
      void refreshGroups();
      if (kept === 'conflict') setProblem(words.conflict);
      else router.dismissTo(`/groups/${id}`);
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      setProblem(error.message);
    } finally {
      setIsBusy(false);
    }
  };
  return (
    <Screen
      columns
      footer={
        <Button
          label={words.save}
          icon="check"
          primary
          busy={isBusy}
          onPress={() => void save()}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader
        title={basedOn === 0 ? words.newTitle : words.title(initial.name)}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
      {problem === null ? null : (
        <Notice tone="out" title={words.refused}>
          {problem}
        </Notice>
      )}
      <TextInput
        mode="outlined"
        label={words.name}
        accessibilityLabel={words.name}
        value={name}
        onChangeText={(text) => change({ name: text })}
        error={nameIsMissing}
      />
      <Choices question={strings.lessonFields.title}>
        <Choice
          label={strings.lessonFields.none}
          chosen={meets === null}
          onPress={() => change({ meets: null })}
        />
        {WEEKDAYS.map((day) => (
          <Choice
            key={day}
            label={strings.lessonFields.days[day]}
            chosen={meets?.day === day}
            onPress={() =>
              change({
                meets: {
                  at: meets?.at ?? FIRST_TIME,
                  timeZone: meets?.timeZone ?? deviceZone(),
                  day,
                },
              })
            }
          />
        ))}
      </Choices>
      {meets ? (
        <TextInput
          mode="outlined"
          label={strings.lessonFields.at}
          accessibilityLabel={strings.lessonFields.at}
          value={meets.at}
          onChangeText={(at) => change({ meets: { ...meets, at } })}
          error={timeIsWrong}
        />
      ) : null}
      <MemberList
        members={members}
        students={students}
        onChange={(next) => change({ members: next })}
      />
      {Object.keys(members).length > 0 ? (
        <View style={{ gap: space(2) }}>
          <Text variant="heading">{words.seats}</Text>
          <Choices question={words.layout}>
            {LAYOUTS.map((one) => (
              <Choice
                key={one}
                label={words.layouts[one]}
                chosen={layout === one}
                onPress={() => change({ layout: one })}
              />
            ))}
          </Choices>
          <SeatEditor
            layout={layout}
            members={members}
            students={students}
            onChange={(next) => change({ members: next })}
          />
        </View>
      ) : null}
    </Screen>
  );
}
