import { View } from 'react-native';
import {
  answerOfFault,
  offeredFaults,
  signsOn,
  standingMarks,
  type RowMark,
} from '@open-palm/core/row';
import type { Layout } from '@open-palm/core/row/seats';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { rowWords } from '../../foundation/strings/row';
import { faultTitle, faultWords } from './faultWords';
import type { Player, Standing } from './room';
import { RoomMap } from './RoomMap';
import { SeatCell } from './SeatCell';
import type { SaidOf } from './useWalk';
import type { ReactNode } from 'react';

const words = rowWords.walk;

/** One fault after the other: all who show it are touched on the map of the room. The others count only once everybody was looked at. */
export function FaultStep({
  players,
  layout,
  standings,
  marks,
  fault,
  nameOf,
  head,
  foot,
  onFault,
  onSay,
}: {
  players: readonly Player[];
  layout: Layout;
  standings: ReadonlyMap<string, Standing>;
  marks: readonly RowMark[];
  fault: string | null;
  nameOf: (player: Player) => string;
  head: ReactNode;
  foot: ReactNode;
  onFault: (fault: string | null) => void;
  onSay: (...said: readonly SaidOf[]) => void;
}) {
  if (fault === null) {
    return (
      <Screen footer={foot}>
        {head}
        <Choices question={words.chooseFault}>
          {faultsOfRoom(players).map((id) => (
            <Choice key={id} label={faultTitle(id)} chosen={false} onPress={() => onFault(id)} />
          ))}
        </Choices>
      </Screen>
    );
  }
  const here = players.filter(({ studentId }) => !standings.get(studentId)?.isAbsent);
  const able = here.filter(({ hold }) => signsOn(fault, hold).length > 0);
  const shows = (player: Player) => standings.get(player.studentId)?.faults.get(fault);
  const open = able.filter((player) => shows(player) === undefined);
  const touch = (player: Player) => {
    const said = marksOfFault(player, marks, fault);
    if (shows(player) === true && said.length > 0) {
      return onSay(
        ...said.map(({ id }) => ({ player, said: { kind: 'undone' as const, mark: id } })),
      );
    }
    const answer = answerOfFault(fault, player.hold);
    if (answer) onSay({ player, said: answer });
  };
  return (
    <Screen
      footer={
        <View style={{ flex: 1, gap: space(2) }}>
          {foot}
          <View style={{ flexDirection: 'row', gap: space(2) }}>
            <Button label={words.otherFault} onPress={() => onFault(null)} style={{ flex: 2 }} />
            <Button
              label={open.length > 0 ? words.everyoneSeen : words.next}
              primary
              icon="check"
              onPress={() => {
                if (open.length === 0) return onFault(null);
                onSay(
                  ...open.map((player) => ({ player, said: { kind: 'without' as const, fault } })),
                );
              }}
              style={{ flex: 3 }}
            />
          </View>
        </View>
      }
    >
      {head}
      <Text variant="strong">{words.whose(faultWords(fault))}</Text>
      <RoomMap
        label={rowWords.group.roomOf(faultTitle(fault))}
        layout={layout}
        players={players}
        cell={(player) => {
          const isAbsent = standings.get(player.studentId)?.isAbsent ?? false;
          const seen = shows(player);
          const name = nameOf(player);
          const can = !isAbsent && able.includes(player);
          return (
            <SeatCell
              player={player}
              shownName={name}
              mark={seen === true ? 'out' : seen === false ? 'in' : can ? 'notSeen' : 'none'}
              label={
                !can
                  ? `${name}: ${isAbsent ? rowWords.group.absent : words.notOn}`
                  : seen === true
                    ? words.shows(name)
                    : words.showsNot(name)
              }
              isAbsent={isAbsent}
              role="checkbox"
              {...(can ? { onPress: () => touch(player) } : {})}
            />
          );
        }}
      />
      <Text variant="small" second>
        {open.length > 0 ? words.everyoneSeenHelp : words.hint}
      </Text>
    </Screen>
  );
}

/** Faults that an eye sees in passing on some hold in the room, each once. */
function faultsOfRoom(players: readonly Player[]): string[] {
  return [...new Set(players.flatMap(({ hold }) => offeredFaults(hold).map(({ id }) => id)))];
}

/** What was said of a player that shows this fault by its name: to be taken back with another touch. */
function marksOfFault(
  { studentId, hold }: Player,
  marks: readonly RowMark[],
  fault: string,
): RowMark[] {
  const answer = answerOfFault(fault, hold);
  return standingMarks(marks).filter((mark) => {
    if (mark.studentId !== studentId || !answer) return false;
    if (mark.kind === 'tap')
      return answer.kind === 'tap' && mark.tap.measure === answer.tap.measure;
    return mark.kind === 'sign' && answer.kind === 'sign' && mark.sign === answer.sign;
  });
}
