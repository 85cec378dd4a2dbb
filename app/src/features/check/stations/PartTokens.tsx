import { Pressable, View } from 'react-native';
import { StateMark } from '../../../foundation/kit/StateMark';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { RADIUS, space, TOUCH } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import type { HandPart, PartId } from './handParts';
import type { PartState } from './partState';

const words = strings.stations;

/** The parts of a station by name, with what was answered of each: where the thumb reaches, and for who does not point. */
export function PartTokens({
  parts,
  states,
  onPart,
}: {
  parts: readonly HandPart[];
  states: ReadonlyMap<PartId, PartState>;
  onPart: (part: PartId) => void;
}) {
  const tokens = useTokens();
  return (
    <>
      {parts.map(({ id }) => {
        const { mark, words: answered, isTouched } = states.get(id)!;
        return (
          <Pressable
            key={id}
            role="button"
            aria-label={words.part(words.parts[id], isTouched ? answered : words.untouched)}
            onPress={() => onPart(id)}
            style={({ pressed }) => ({
              minHeight: TOUCH,
              flexGrow: 1,
              flexBasis: '40%',
              flexDirection: 'row',
              alignItems: 'center',
              gap: space(2),
              paddingVertical: space(1),
              paddingHorizontal: space(3),
              borderRadius: RADIUS,
              borderWidth: 1,
              borderColor: tokens.line,
              backgroundColor: pressed ? tokens.amberGround : tokens.card,
            })}
          >
            <StateMark state={mark} size={16} />
            <View style={{ flexShrink: 1 }}>
              <Text>{words.parts[id]}</Text>
              {answered === '' ? null : (
                <Text variant="small" second>
                  {answered}
                </Text>
              )}
            </View>
          </Pressable>
        );
      })}
    </>
  );
}
