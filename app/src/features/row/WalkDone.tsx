import { View } from 'react-native';
import { router } from 'expo-router';
import type { Layout } from '@open-palm/core/row/seats';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';
import type { Player, Standing } from './room';
import { RoomMap } from './RoomMap';
import { SeatCell } from './SeatCell';
import { markOfStanding, walkCounts } from './walkOrder';

const words = rowWords.walk;

/** The end of a walk: who was looked at, and who can still be gone back to. */
export function WalkDone({
  groupId,
  players,
  layout,
  standings,
  nameOf,
  onPlayer,
  onBack,
}: {
  groupId: string;
  players: readonly Player[];
  layout: Layout;
  standings: ReadonlyMap<string, Standing>;
  nameOf: (player: Player) => string;
  onPlayer: (player: Player) => void;
  onBack: () => void;
}) {
  const { looked, absent, rest } = walkCounts(players, standings);
  return (
    <Screen
      footer={
        <Button
          label={words.toGroup}
          icon="account-group-outline"
          primary
          onPress={() => router.dismissTo(`/groups/${groupId}`)}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader title={words.allDone} backLabel={strings.nav.back} onBack={onBack} />
      <Text>{words.summary(looked, absent, rest)}</Text>
      <RoomMap
        label={rowWords.group.room}
        layout={layout}
        players={players}
        cell={(player) => {
          const standing = standings.get(player.studentId)!;
          const mark = markOfStanding(standing);
          const state = standing.isAbsent ? rowWords.group.absent : rowWords.group.legend[mark];
          return (
            <SeatCell
              player={player}
              shownName={nameOf(player)}
              mark={mark}
              isAbsent={standing.isAbsent}
              label={words.jump(nameOf(player), state)}
              onPress={() => onPlayer(player)}
            />
          );
        }}
      />
      <View>
        <Text variant="small" second>
          {words.hint}
        </Text>
      </View>
    </Screen>
  );
}
