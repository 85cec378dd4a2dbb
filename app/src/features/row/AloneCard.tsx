import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Alone } from '@open-palm/core/row';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { PressRow } from '../../foundation/kit/PressRow';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { listWords } from '../../foundation/strings/listWords';
import { rowWords } from '../../foundation/strings/row';
import { aloneWords } from './aloneWords';
import { faultWords } from './faultWords';
import type { Player } from './room';
import { pairsOf, type RoomReading } from './shared';

const words = rowWords.group;

/** Who needs a minute alone, and why; in the order in which it is given. */
export function AloneCard({
  alone,
  players,
  nameOf,
}: {
  alone: readonly Alone[];
  players: readonly Player[];
  nameOf: (player: Player) => string;
}) {
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="heading">{words.alone}</Text>
      {alone.length === 0 ? <Text second>{words.nobodyAlone}</Text> : null}
      {alone.map((one) => {
        const player = players.find(({ studentId }) => studentId === one.studentId)!;
        const name = nameOf(player);
        return (
          <PressRow
            key={one.studentId}
            label={words.openFile(name)}
            onPress={() =>
              router.navigate(`/students/${player.studentId}?setup=${player.setup.id}`)
            }
          >
            <View style={{ flex: 1 }}>
              <Text variant="strong">{name}</Text>
              <Text variant="small" second>
                {aloneWords(one)}
              </Text>
            </View>
          </PressRow>
        );
      })}
    </View>
  );
}

/** Who can be helped at once: three with the same fault, and partners who watch each other. */
export function TogetherCard({
  reading,
  players,
  nameOf,
}: {
  reading: RoomReading;
  players: readonly Player[];
  nameOf: (player: Player) => string;
}) {
  const [pairs, setPairs] = useState<[string, string][] | null>(null);
  const name = (id: string) => nameOf(players.find(({ studentId }) => studentId === id)!);
  const paired = new Set(pairs?.flat());
  const left = pairs
    ? players.filter(({ studentId, hurts }) => !hurts && !paired.has(studentId))
    : [];
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="heading">{words.together}</Text>
      {reading.threes.map(({ fault, students }) => (
        <Text key={students.join()}>
          {words.three(listWords(students.map(name)), faultWords(fault))}
        </Text>
      ))}
      {pairs === null ? (
        <Button
          label={words.showPairs}
          icon="account-multiple-outline"
          onPress={() => setPairs(pairsOf(players, reading.seen))}
        />
      ) : (
        <View style={{ gap: space(1) }}>
          <Text variant="label" second>
            {words.pairs}
          </Text>
          <Text variant="small">{words.pairsHelp}</Text>
          {pairs.map((two) => (
            <Text key={two.join()}>{listWords(two.map(name))}</Text>
          ))}
          {left.map((player) => (
            <Text key={player.studentId} second>
              {words.left(nameOf(player))}
            </Text>
          ))}
        </View>
      )}
    </Card>
  );
}
