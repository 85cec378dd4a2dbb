import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { studioNow } from '../../foundation/api/clock';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Columns } from '../../foundation/kit/Columns';
import { Loaded } from '../../foundation/kit/Loaded';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords, dayWords } from '../../foundation/strings/dateWords';
import { rowWords } from '../../foundation/strings/row';
import { AloneCard, TogetherCard } from './AloneCard';
import { GroupTools } from './GroupTools';
import { RoomCard } from './RoomCard';
import type { Player, Standing } from './room';
import { readRoom, sinceOf, type RoomReading } from './shared';
import { SharedCard } from './SharedCard';
import { useHiddenNames } from './useHiddenNames';
import { useRoom, type GroupRoom } from './useRoom';
import { walksWithMarks } from './walksWithMarks';
import { useEntriesOfWalks } from './useEntriesOfWalks';

const words = rowWords.group;

/** A group: the room as last seen, what it shares and what to say, and who needs a minute alone. */
export function GroupScreen({ groupId }: { groupId: string }) {
  const room = useRoom(groupId);
  return <Loaded from={room}>{(data) => <Group key={groupId} room={data} />}</Loaded>;
}

function Group({ room: { file, players, strangers } }: { room: GroupRoom }) {
  const { group } = file;
  const now = studioNow();
  const here = useEntriesOfWalks(file);
  const walks = useMemo(() => walksWithMarks(file, players, here), [file, players, here]);
  const [newest] = walks;
  const reading = useMemo(() => readRoom(players, walks, studioNow()), [players, walks]);
  const standings = useMemo(
    () =>
      new Map(
        players.map(({ studentId }): [string, Standing] => {
          const { faults, at } = reading.seen.get(studentId)!;
          const inNewest = newest?.players.find((player) => player.studentId === studentId);
          return [
            studentId,
            { faults, isLookedAt: at !== null, isAbsent: inNewest?.isAbsent ?? false },
          ];
        }),
      ),
    [players, reading, newest],
  );
  const { isHidden, hide, nameOf } = useHiddenNames(players);
  const [isOpen, setIsOpen] = useState(false);
  const meets = group.meets
    ? rowWords.groups.meets(strings.lessonFields.days[group.meets.day], group.meets.at)
    : '';
  const walked = newest
    ? (newest.fromMemory ? rowWords.groups.fromMemory : rowWords.groups.walked)(
        agoWords(`${newest.day}T12:00:00`, now),
      )
    : rowWords.groups.never;
  return (
    <View style={{ flex: 1 }}>
      <Screen
        columns
        footer={
          <>
            <Button
              label={words.tools}
              icon="dots-horizontal"
              onPress={() => setIsOpen(!isOpen)}
              style={{ flex: 1 }}
            />
            <Button
              label={words.walk}
              icon="eye-outline"
              primary
              disabled={players.length === 0}
              onPress={() => router.navigate(`/groups/${group.id}/walk`)}
              style={{ flex: 2 }}
            />
          </>
        }
      >
        <BackHeader
          title={group.name}
          under={[rowWords.groups.line(meets, players.length), walked].join(' · ')}
          backLabel={strings.nav.back}
          onBack="/groups"
        />
        {isOpen ? (
          <GroupTools {...{ group, players, reading, standings, isHidden, nameOf }} onHide={hide} />
        ) : null}
        {strangers.map(({ student }) => (
          <Notice
            key={student.id}
            action={{
              label: words.edit,
              onPress: () => router.navigate(`/groups/${group.id}/edit`),
            }}
          >
            {words.gone(student.name)}
          </Notice>
        ))}
        {players.length === 0 ? (
          <Card style={{ gap: space(2) }}>
            <Text>{words.nobody}</Text>
            <Button
              label={words.addPlayers}
              onPress={() => router.navigate(`/groups/${group.id}/edit`)}
            />
          </Card>
        ) : (
          <Columns
            picture={
              <RoomCard {...{ players, standings, nameOf }} layout={group.layout}>
                {players.every(({ seat }) => seat === null) ? (
                  <Button
                    label={words.seatThem}
                    onPress={() => router.navigate(`/groups/${group.id}/edit`)}
                  />
                ) : null}
              </RoomCard>
            }
          >
            <RoomReadings {...{ reading, players, isHidden, nameOf }} />
          </Columns>
        )}
      </Screen>
    </View>
  );
}

/** What the walks of the last weeks come to: for everybody, and, where nobody looks on, for some. */
function RoomReadings({
  reading,
  players,
  isHidden,
  nameOf,
}: {
  reading: RoomReading;
  players: readonly Player[];
  isHidden: boolean;
  nameOf: (player: Player) => string;
}) {
  return (
    <>
      <Text variant="heading">{words.shares}</Text>
      {reading.shared.length === 0 ? (
        <Text second>
          {reading.lookedAt === 0
            ? words.nothingWalked
            : reading.lookedAt < players.length / 4
              ? words.tooFew(reading.lookedAt, players.length)
              : words.nothingShared(reading.lookedAt, players.length)}
        </Text>
      ) : (
        <>
          {reading.shared.map((shared) => (
            <SharedCard key={shared.count.fault} shared={shared} />
          ))}
          <Text variant="small" second>
            {words.fromWalks(dayWords(new Date(sinceOf(studioNow())).toISOString()))}
          </Text>
        </>
      )}
      {isHidden ? (
        // Whoever hides names shows the screen to others: what is private stands nowhere on it.
        <Text variant="small" second>
          {words.hiddenToo}
        </Text>
      ) : (
        <>
          <AloneCard alone={reading.alone} players={players} nameOf={nameOf} />
          {players.length > 1 ? <TogetherCard {...{ reading, players, nameOf }} /> : null}
        </>
      )}
    </>
  );
}
