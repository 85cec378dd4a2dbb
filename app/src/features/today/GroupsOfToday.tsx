import { format } from 'date-fns/format';
import { router } from 'expo-router';
import { View } from 'react-native';
import type { GroupListItem } from '@open-palm/contract';
import { lessonOnDate } from '@open-palm/records/time';
import { deviceZone } from '../../foundation/api/clock';
import { Button } from '../../foundation/kit/Button';
import { PressRow } from '../../foundation/kit/PressRow';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

const words = strings.today;

/** The groups that meet today, by the clock, each one tap from its walk. */
export function GroupsOfToday({ groups, now }: { groups: readonly GroupListItem[]; now: Date }) {
  const today = format(now, 'yyyy-MM-dd');
  const meeting = groups
    .flatMap(({ group }) => {
      const begins = group.meets && lessonOnDate(group.meets, today, deviceZone());
      return begins ? [{ group, begins }] : [];
    })
    .sort((a, b) => a.begins.getTime() - b.begins.getTime());
  return meeting.map(({ group: { id, name, members }, begins }) => (
    <View key={id} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
      <View style={{ flex: 1, minWidth: 160 }}>
        <PressRow label={words.open(name)} onPress={() => router.navigate(`/groups/${id}`)}>
          <View style={{ flex: 1 }}>
            <Text variant="strong">{name}</Text>
            <Text variant="small" second>
              {words.group(format(begins, 'HH:mm'), Object.keys(members).length)}
            </Text>
          </View>
        </PressRow>
      </View>
      <Button
        label={words.walk}
        accessibilityLabel={words.walkGroup(name)}
        icon="eye-outline"
        compact
        onPress={() => router.navigate(`/groups/${id}/walk`)}
      />
    </View>
  ));
}
