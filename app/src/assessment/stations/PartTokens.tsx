import { View } from 'react-native';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import type { HandPart, PartId } from './handParts';
import type { PartState } from './partState';
import { Token } from './Token';

const words = strings.stations;

/** The parts of a station by name, with what was answered of each: where the thumb reaches, and for who does not point. */
export function PartTokens({
  parts,
  states,
  amongAll = false,
  onPart,
}: {
  parts: readonly HandPart[];
  states: ReadonlyMap<PartId, PartState>;
  /** Parts of all stations stand beside each other. */
  amongAll?: boolean;
  onPart: (part: PartId) => void;
}) {
  return (
    <>
      {parts.map(({ id }) => {
        const { mark, words: answered, isTouched } = states.get(id)!;
        const name = (amongAll ? words.partsAmongAll[id] : undefined) ?? words.parts[id];
        return (
          <Token
            key={id}
            role="button"
            aria-label={words.part(name, isTouched ? answered : words.untouched)}
            onPress={() => onPart(id)}
          >
            <StateMark state={mark} size={16} />
            <View style={{ flexShrink: 1 }}>
              <Text>{name}</Text>
              {answered === '' ? null : (
                <Text variant="small" second>
                  {answered}
                </Text>
              )}
            </View>
          </Token>
        );
      })}
    </>
  );
}
