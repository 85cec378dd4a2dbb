import {
  DndContext,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import type { GroupInput, StudentListItem } from '@open-palm/contract';
import { freeSeats, type Layout, type Seat } from '@open-palm/core/row/seats';
import { Button } from '../../foundation/kit/Button';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';
import { rowWords } from '../../foundation/strings/row';
import { RoomMap } from './RoomMap';
import { SeatCell } from './SeatCell';
import { movedTo } from './movedTo';
import { shownNames } from './useHiddenNames';
import type { Player } from './room';

const words = rowWords.edit;
type Members = GroupInput['members'];

/** A finger that rests a little is no drag yet, px. */
const BEGINS_AFTER = 6;

const seatKey = ({ row, place }: Seat) => `${row}/${place}`;
const seatOfKey = (key: string): Seat => {
  const [row, place] = key.split('/').map(Number);
  return { row: row!, place: place! };
};
const whereOf = (seat: Seat | null) =>
  seat ? words.seat(seat.row + 1, seat.place + 1) : rowWords.group.noSeats;

/** Where the players of a group sit: dragged to a seat, or chosen with a touch or a key and then the seat. */
export function SeatEditor({
  layout,
  members,
  students,
  onChange,
}: {
  layout: Layout;
  members: Members;
  students: readonly StudentListItem[];
  onChange: (members: Members) => void;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: BEGINS_AFTER } }),
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const players = students.flatMap(
    ({ student }): Pick<Player, 'studentId' | 'name' | 'setup' | 'seat'>[] => {
      const member = members[student.id];
      const setup = student.setups.find(({ id }) => id === member?.setupId) ?? student.setups[0];
      return member && setup
        ? [{ studentId: student.id, name: student.name, setup, seat: member.seat }]
        : [];
    },
  );
  const names = shownNames(players);
  const put = (studentId: string, seat: Seat) => {
    onChange(movedTo(members, studentId, seat));
    setChosen(null);
  };
  const press = (studentId: string, seat: Seat | null) => {
    if (chosen === null) return setChosen(studentId);
    if (chosen === studentId || seat === null) return setChosen(null);
    return put(chosen, seat);
  };
  const chosenName = players.find(({ studentId }) => studentId === chosen)?.name;
  const fill = () => {
    const open = players.filter(({ seat }) => seat === null);
    const seats = freeSeats(
      open.length,
      players.flatMap(({ seat }) => seat ?? []),
    );
    onChange(open.reduce((all, { studentId }, i) => movedTo(all, studentId, seats[i]!), members));
  };
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="small" second>
        {chosenName === undefined ? words.seatsHelp : words.chosen(chosenName)}
      </Text>
      <DndContext
        sensors={sensors}
        onDragEnd={({ active, over }) => {
          if (over) put(String(active.id), seatOfKey(String(over.id)));
        }}
      >
        <RoomMap
          label={words.seats}
          layout={layout}
          players={players}
          spare={1}
          empty={(seat) => (
            <Drop seat={seat}>
              <FreeSeat
                label={words.freeSeat(whereOf(seat))}
                {...(chosen === null ? {} : { onPress: () => put(chosen, seat) })}
              />
            </Drop>
          )}
          cell={(player) => (
            <Drop seat={player.seat}>
              <Drag id={player.studentId}>
                <SeatCell
                  player={player}
                  shownName={names.get(player.studentId) ?? player.name}
                  mark="none"
                  label={
                    player.seat
                      ? words.takenSeat(player.name, whereOf(player.seat))
                      : words.unseated(player.name)
                  }
                  isHere={chosen === player.studentId}
                  onPress={() => press(player.studentId, player.seat)}
                />
              </Drag>
            </Drop>
          )}
        />
      </DndContext>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        {players.some(({ seat }) => seat === null) ? (
          <Button label={words.fill} compact onPress={fill} />
        ) : null}
        {players.some(({ seat }) => seat !== null) ? (
          <Button
            label={words.stand}
            compact
            onPress={() =>
              onChange(
                Object.fromEntries(
                  Object.entries(members).map(([id, member]) => [id, { ...member, seat: null }]),
                ),
              )
            }
          />
        ) : null}
      </View>
    </View>
  );
}

/** A seat that a player can be let go over. */
function Drop({ seat, children }: { seat: Seat | null; children: ReactNode }) {
  const tokens = useTokens();
  const { setNodeRef, isOver } = useDroppable({
    id: seat ? seatKey(seat) : 'nowhere',
    disabled: seat === null,
  });
  return (
    <View
      ref={(view) => setNodeRef(view as unknown as HTMLElement)}
      style={{
        borderRadius: RADIUS - 4,
        outlineWidth: isOver ? 2 : 0,
        outlineStyle: 'solid',
        outlineColor: tokens.amber,
      }}
    >
      {children}
    </View>
  );
}

/** A player who can be dragged; a touch that does not move stays a touch. */
function Drag({ id, children }: { id: string; children: ReactNode }) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id });
  return (
    <View
      ref={(view) => setNodeRef(view as unknown as HTMLElement)}
      {...(listeners as object)}
      style={
        {
          touchAction: 'none',
          cursor: 'grab',
          ...(transform
            ? { transform: [{ translateX: transform.x }, { translateY: transform.y }] }
            : {}),
          ...(isDragging ? { zIndex: 2, opacity: 0.9 } : {}),
        } as object
      }
    >
      {children}
    </View>
  );
}

function FreeSeat({ label, onPress }: { label: string; onPress?: () => void }) {
  const tokens = useTokens();
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-disabled={onPress === undefined}
      disabled={onPress === undefined}
      onPress={onPress ?? null}
      style={{
        minHeight: 58,
        margin: 1,
        borderRadius: RADIUS - 4,
        borderWidth: 1,
        borderStyle: 'dashed',
        borderColor: tokens.line,
      }}
    />
  );
}
