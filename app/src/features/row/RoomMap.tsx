import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { Layout, Seat } from '@open-palm/core/row/seats';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { rowWords } from '../../foundation/strings/row';
import { seatRise, seatRows } from './seatRows';

/** Seats stand no wider apart than this, px: a room of four is no wall to wall. */
const WIDEST_PX = 92;

/**
 * The room as the teacher sees it who stands before it: the front row at the bottom, the first place on the left. Whoever has no seat stands
 * below.
 */
export function RoomMap<P extends { studentId: string; seat: Seat | null }>({
  label,
  layout,
  players,
  cell,
  empty,
  spare = 0,
}: {
  label: string;
  layout: Layout;
  players: readonly P[];
  cell: (player: P) => ReactNode;
  /** What stands on a seat that is free; nothing where it is left out. */
  empty?: (seat: Seat) => ReactNode;
  /** So many free rows and places more. */
  spare?: number;
}) {
  const tokens = useTokens();
  const { rows, places } = seatRows(players, spare);
  const bySeat = new Map(
    players.flatMap((player) =>
      player.seat ? [[`${player.seat.row} ${player.seat.place}`, player] as const] : [],
    ),
  );
  const unseated = players.filter(({ seat }) => seat === null);
  return (
    <View role="group" aria-label={label} style={{ gap: space(2) }}>
      {Array.from({ length: rows }, (_, i) => rows - 1 - i).map((row) => (
        <View key={row} style={{ flexDirection: 'row', justifyContent: 'center', gap: space(1) }}>
          {Array.from({ length: places }, (_, place) => {
            const player = bySeat.get(`${row} ${place}`);
            const rise = layout === 'arc' ? seatRise(place, places) : 0;
            return (
              <View
                key={place}
                style={{
                  flex: 1,
                  maxWidth: WIDEST_PX,
                  minWidth: 0,
                  transform: [{ translateY: rise }],
                }}
              >
                {player ? cell(player) : empty?.({ row, place })}
              </View>
            );
          })}
        </View>
      ))}
      <View
        style={{
          alignSelf: 'center',
          marginTop: space(layout === 'arc' ? 4 : 1),
          paddingHorizontal: space(3),
          paddingVertical: space(1),
          borderRadius: 999,
          borderWidth: 1,
          borderColor: tokens.line,
        }}
      >
        <Text variant="label" second>
          {rowWords.edit.you}
        </Text>
      </View>
      {unseated.length > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(1) }}>
          {unseated.map((player) => (
            <View key={player.studentId} style={{ width: WIDEST_PX }}>
              {cell(player)}
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}
