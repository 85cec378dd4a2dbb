import { router } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { familiesSeen } from '@open-palm/core/row';
import type { Layout } from '@open-palm/core/row/seats';
import { FAMILIES, type Family } from '@open-palm/core/measure';
import { Card } from '../../foundation/kit/Card';
import { Choice } from '../../foundation/kit/Choice';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';
import type { Player, Standing } from './room';
import { RoomMap } from './RoomMap';
import { SeatCell } from './SeatCell';
import { markOfStanding } from './walkOrder';

const words = rowWords.group;

type Shown = Family | 'all';
const MARKS = ['in', 'out', 'notSeen'] as const;

/** The room, each player as last seen; all families at once, or one. A touch opens the hand file. */
export function RoomCard({
  players,
  layout,
  standings,
  nameOf,
  children,
}: {
  players: readonly Player[];
  layout: Layout;
  standings: ReadonlyMap<string, Standing>;
  nameOf: (player: Player) => string;
  /** What stands under the map. */
  children?: ReactNode;
}) {
  const [shown, setShown] = useState<Shown>('all');
  const markOf = (player: Player) => {
    const standing = standings.get(player.studentId)!;
    return shown === 'all' ? markOfStanding(standing) : familiesSeen(standing.faults)[shown];
  };
  return (
    <Card style={{ gap: space(3), padding: space(2) }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(0.5) }}>
        {(['all', ...FAMILIES] as const).map((one) => (
          <Choice
            key={one}
            label={words.families[one]}
            chosen={shown === one}
            onPress={() => setShown(one)}
          />
        ))}
      </View>
      <RoomMap
        label={words.roomOf(words.families[shown])}
        layout={layout}
        players={players}
        cell={(player) => {
          const { isAbsent } = standings.get(player.studentId)!;
          const mark = markOf(player);
          const name = nameOf(player);
          const state = isAbsent ? words.absent : words.legend[mark];
          const instrument = strings.instruments[player.setup.instrument];
          return (
            <SeatCell
              player={player}
              shownName={name}
              mark={mark}
              isAbsent={isAbsent}
              label={words.seatState(name, instrument, state)}
              onPress={() =>
                router.navigate(`/students/${player.studentId}?setup=${player.setup.id}`)
              }
            />
          );
        }}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: space(3) }} aria-hidden>
        {MARKS.map((mark) => (
          <View key={mark} style={{ flexDirection: 'row', alignItems: 'center', gap: space(1) }}>
            <StateMark state={mark} size={12} />
            <Text variant="small" second>
              {words.legend[mark]}
            </Text>
          </View>
        ))}
      </View>
      {children}
    </Card>
  );
}
