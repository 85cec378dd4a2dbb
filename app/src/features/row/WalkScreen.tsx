import { router } from 'expo-router';
import { View } from 'react-native';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Loaded } from '../../foundation/kit/Loaded';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { useScreenAwake } from '../../foundation/kit/useScreenAwake';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';
import { FaultStep } from './FaultStep';
import type { Player } from './room';
import { SeatStep } from './SeatStep';
import { useHiddenNames } from './useHiddenNames';
import { useRoom, type GroupRoom } from './useRoom';
import { useWalkCourse, type WalkCourse } from './useWalkCourse';
import { WalkDone } from './WalkDone';
import { LastSaidLine, WalkWays } from './WalkWays';

const words = rowWords.walk;

/** A whole section looked at while it plays one open string. */
export function WalkScreen({ groupId }: { groupId: string }) {
  const room = useRoom(groupId);
  return <Loaded from={room}>{(data) => <Walk key={groupId} room={data} />}</Loaded>;
}

function Walk({ room }: { room: GroupRoom }) {
  useScreenAwake();
  const { group } = room.file;
  const course = useWalkCourse(room);
  const { nameOf, isHidden } = useHiddenNames(room.players);
  const { order, standings, at, goTo } = course;
  const leave = () => router.dismissTo(`/groups/${group.id}`);
  const head = <BackHeader title={group.name} backLabel={strings.nav.back} onBack={leave} />;
  if (room.players.length === 0) {
    return (
      <Screen>
        {head}
        <Text>{words.nobody}</Text>
      </Screen>
    );
  }
  if (course.way === 'fault') {
    const { fault, marks } = course;
    return (
      <FaultStep
        players={order}
        layout={group.layout}
        {...{ standings, marks, fault, nameOf }}
        head={
          <>
            {head}
            {fault === null ? <WalkWays course={course} room={room} /> : null}
          </>
        }
        foot={<LastSaidLine course={course} nameOf={nameOf} />}
        onFault={course.setFault}
        onSay={course.speak}
      />
    );
  }
  const player = order[at];
  return player ? (
    <Passing
      {...{ player, room, course, nameOf }}
      hurts={player.hurts && !isHidden}
      onLeave={leave}
    />
  ) : (
    <WalkDone
      groupId={group.id}
      players={order}
      layout={group.layout}
      {...{ standings, nameOf }}
      onPlayer={(one) => goTo(order.indexOf(one))}
      onBack={() => goTo(order.length - 1)}
    />
  );
}

/** The player who is passed now. */
function Passing({
  player,
  room,
  course,
  nameOf,
  hurts,
  onLeave,
}: {
  player: Player;
  room: GroupRoom;
  course: WalkCourse;
  nameOf: (player: Player) => string;
  /** It is said only where nobody else reads the screen. */
  hurts: boolean;
  onLeave: () => void;
}) {
  const { order, standings, marks, at, goTo, speak } = course;
  const { studentId, setup } = player;
  const isAbsent = standings.get(studentId)?.isAbsent ?? false;
  const own = marks.filter((mark) => mark.studentId === studentId);
  const absent = own.filter(({ kind }) => kind === 'absent');
  const under = [
    words.place(at + 1, order.length),
    strings.instruments[setup.instrument],
    ...(isAbsent ? [words.isAbsent] : []),
    ...(hurts ? [words.hurts] : []),
  ].join(' · ');
  return (
    <SeatStep
      player={player}
      marks={own}
      head={
        <>
          <BackHeader
            title={nameOf(player)}
            under={under}
            backLabel={strings.nav.back}
            onBack={onLeave}
          />
          <WalkWays course={course} room={room} />
        </>
      }
      foot={
        <>
          <LastSaidLine course={course} nameOf={nameOf} />
          <View style={{ flexDirection: 'row', gap: space(2) }}>
            <Button
              label={words.back}
              icon="arrow-left"
              compact
              disabled={at === 0}
              onPress={() => goTo(at - 1)}
              style={{ flex: 1 }}
            />
            <Button
              label={isAbsent ? words.isHere : words.absent}
              compact
              onPress={() => {
                if (isAbsent) {
                  speak(
                    ...absent.map(({ id }) => ({
                      player,
                      said: { kind: 'undone' as const, mark: id },
                    })),
                  );
                } else {
                  speak({ player, said: { kind: 'absent' } });
                  goTo(at + 1);
                }
              }}
              style={{ flex: 1 }}
            />
          </View>
        </>
      }
      onSay={(...said) => speak(...said.map((one) => ({ player, said: one })))}
      onStep={(by) => goTo(at + by)}
    />
  );
}
