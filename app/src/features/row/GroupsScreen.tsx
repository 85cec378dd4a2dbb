import { router } from 'expo-router';
import { View } from 'react-native';
import type { GroupListItem } from '@open-palm/contract';
import { studioNow } from '../../foundation/api/clock';
import { useGroups } from '../../foundation/api/queries';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Loaded } from '../../foundation/kit/Loaded';
import { NavBar } from '../../foundation/kit/NavBar';
import { PressRow } from '../../foundation/kit/PressRow';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';
import { rowWords } from '../../foundation/strings/row';
import { RemovedGroups } from './RemovedGroups';

const words = rowWords.groups;

/** The groups that a teacher walks. */
export function GroupsScreen() {
  const groups = useGroups();
  return (
    <View style={{ flex: 1 }}>
      <Loaded from={groups}>
        {(data) => (
          <Screen
            footer={
              <Button
                label={words.add}
                icon="plus"
                primary={data.groups.length === 0}
                onPress={() => router.navigate('/groups/new')}
                style={{ flex: 1 }}
              />
            }
          >
            <Text variant="title">{words.title}</Text>
            {data.groups.length === 0 ? (
              <Card style={{ gap: space(2) }}>
                <Text variant="heading">{words.emptyTitle}</Text>
                <Text>{words.empty}</Text>
              </Card>
            ) : null}
            {data.groups.map((item) => (
              <GroupCard key={item.group.id} item={item} />
            ))}
            <RemovedGroups removed={data.removed} />
          </Screen>
        )}
      </Loaded>
      <NavBar current="groups" />
    </View>
  );
}

/** One group: when it meets, how many play in it, and one tap to walk it. */
function GroupCard({ item: { group, lastDay } }: { item: GroupListItem }) {
  const { id, name, meets, members } = group;
  const when = meets ? words.meets(strings.lessonFields.days[meets.day], meets.at) : '';
  return (
    <Card style={{ gap: space(2), padding: space(2) }}>
      <PressRow label={words.open(name)} onPress={() => router.navigate(`/groups/${id}`)}>
        <View style={{ flex: 1, gap: space(1) }}>
          <Text variant="heading">{name}</Text>
          <Text variant="small" second>
            {words.line(when, Object.keys(members).length)}
          </Text>
          <Text variant="small" second>
            {lastDay === null
              ? words.never
              : words.walked(agoWords(`${lastDay}T12:00:00`, studioNow()))}
          </Text>
        </View>
      </PressRow>
      <Button
        label={words.walk}
        accessibilityLabel={words.walkOf(name)}
        icon="eye-outline"
        onPress={() => router.navigate(`/groups/${id}/walk`)}
      />
    </Card>
  );
}
