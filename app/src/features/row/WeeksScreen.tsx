import { useMemo, useState } from 'react';
import { ROW_NUMBERS } from '@open-palm/core/row';
import { studioNow } from '../../foundation/api/clock';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Card } from '../../foundation/kit/Card';
import { Columns } from '../../foundation/kit/Columns';
import { Loaded } from '../../foundation/kit/Loaded';
import { Screen } from '../../foundation/kit/Screen';
import { SlideBar } from '../../foundation/kit/SlideBar';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords, dateWords } from '../../foundation/strings/dateWords';
import { rowWords } from '../../foundation/strings/row';
import { ChangedCard } from './ChangedCard';
import { groupChanges } from './groupChanges';
import { unseenDaysOf, type Standing } from './room';
import { RoomCard } from './RoomCard';
import { useEntriesOfWalks } from './useEntriesOfWalks';
import { useHiddenNames } from './useHiddenNames';
import { useRoom, type GroupRoom } from './useRoom';
import { walksWithMarks } from './walksWithMarks';

const words = rowWords.weeks;

/** A group over the weeks: the room walk by walk, what has really changed, and whom nobody has looked at for long. */
export function WeeksScreen({ groupId }: { groupId: string }) {
  const room = useRoom(groupId, true);
  return <Loaded from={room}>{(data) => <Weeks key={groupId} room={data} />}</Loaded>;
}

function Weeks({ room: { file, players } }: { room: GroupRoom }) {
  const { group } = file;
  const here = useEntriesOfWalks(file);
  const walks = useMemo(() => walksWithMarks(file, players, here), [file, players, here]);
  const changes = useMemo(() => groupChanges(walks, players), [walks, players]);
  const { nameOf } = useHiddenNames(players);
  const [at, setAt] = useState(0);
  const now = studioNow();
  const last = walks.length - 1;
  const walk = walks[Math.min(at, last)];
  const unseen = players.flatMap((player) => {
    const days = unseenDaysOf(player, walks, now);
    return days === null || days >= ROW_NUMBERS.unseenDays ? [{ player, days }] : [];
  });
  const standings = useMemo(
    () =>
      new Map(
        players.map(({ studentId }): [string, Standing] => {
          const seen = walk?.players.find((player) => player.studentId === studentId);
          return [
            studentId,
            {
              isAbsent: seen?.isAbsent ?? false,
              isLookedAt: (seen?.at ?? null) !== null,
              faults: new Map(Object.entries(seen?.faults ?? {})),
            },
          ];
        }),
      ),
    [players, walk],
  );
  return (
    <Screen columns>
      <BackHeader
        title={words.title}
        under={group.name}
        backLabel={strings.nav.back}
        onBack={`/groups/${group.id}`}
      />
      {walk ? (
        <Columns
          picture={
            <RoomCard {...{ players, standings, nameOf }} layout={group.layout}>
              {walks.length > 1 ? (
                <SlideBar
                  label={words.week}
                  value={last - at}
                  valueText={dateWords(walk.day, now)}
                  min={0}
                  max={last}
                  step={1}
                  ends={[dateWords(walks[last]!.day, now), dateWords(walks[0]!.day, now)]}
                  onChange={(next) => setAt(last - Math.round(next))}
                />
              ) : null}
            </RoomCard>
          }
        >
          <ChangedCard changes={changes} />
          <Card style={{ gap: space(1) }}>
            <Text variant="heading">{words.unseen}</Text>
            {unseen.length === 0 ? <Text second>{words.nobodyUnseen}</Text> : null}
            {unseen.map(({ player, days }) => (
              <Text key={player.studentId}>
                {words.lastSeen(
                  nameOf(player),
                  days === null
                    ? words.never
                    : agoWords(new Date(now.getTime() - days * DAY_MS).toISOString(), now),
                )}
              </Text>
            ))}
          </Card>
        </Columns>
      ) : (
        <Text second>{words.none}</Text>
      )}
    </Screen>
  );
}

const DAY_MS = 24 * 3600 * 1000;
