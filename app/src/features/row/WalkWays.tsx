import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Notice } from '../../foundation/kit/Notice';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { rowWords } from '../../foundation/strings/row';
import type { Player } from './room';
import type { GroupRoom } from './useRoom';
import type { WalkCourse } from './useWalkCourse';
import { partsOfRoom, type Part } from './walkOrder';

const words = rowWords.walk;

/** How the row is walked: seat by seat or fault by fault, and, behind a touch, past whom. */
export function WalkWays({
  course: { way, setWay, part, setPart, fromMemory, setFromMemory },
  room: { players, strangers },
}: {
  course: WalkCourse;
  room: GroupRoom;
}) {
  const [isOpen, setIsOpen] = useState(false);
  const parts = partsOfRoom(players);
  return (
    <View style={{ gap: space(2) }}>
      <View style={{ flexDirection: 'row', gap: space(2), flexWrap: 'wrap' }}>
        {(['seat', 'fault'] as const).map((one) => (
          <Choice
            key={one}
            label={one === 'seat' ? words.bySeat : words.byFault}
            chosen={way === one}
            onPress={() => setWay(one)}
          />
        ))}
        <Button
          label={nameOfPart(part)}
          accessibilityLabel={words.part}
          icon={isOpen ? 'chevron-up' : 'chevron-down'}
          compact
          onPress={() => setIsOpen(!isOpen)}
        />
      </View>
      {isOpen ? (
        <View style={{ gap: space(3) }}>
          {parts.length > 0 ? (
            <Choices question={words.part}>
              {[null, ...parts].map((one) => (
                <Choice
                  key={one ?? 'all'}
                  label={nameOfPart(one)}
                  chosen={part === one}
                  onPress={() => {
                    setPart(one);
                    setIsOpen(false);
                  }}
                />
              ))}
            </Choices>
          ) : null}
          <Choice
            role="checkbox"
            label={words.fromMemory}
            chosen={fromMemory}
            onPress={() => setFromMemory(!fromMemory)}
          />
        </View>
      ) : null}
      {strangers.map(({ student }) => (
        <Notice key={student.id}>{words.stranger(student.name)}</Notice>
      ))}
    </View>
  );
}

function nameOfPart(part: Part | null): string {
  if (part === null) return words.everyone;
  return typeof part === 'number' ? words.row(part + 1) : strings.instruments[part];
}

/** What was said last, and the way to take it back. */
export function LastSaidLine({
  course: { last, takeBack },
  nameOf,
}: {
  course: WalkCourse;
  nameOf: (player: Player) => string;
}) {
  if (!last) return null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }} aria-live="polite">
      <Text variant="small" style={{ flex: 1 }}>
        {last.ofMany ? last.what : words.seen(nameOf(last.player), last.what)}
      </Text>
      <Button label={words.undo} icon="undo" compact onPress={takeBack} />
    </View>
  );
}
