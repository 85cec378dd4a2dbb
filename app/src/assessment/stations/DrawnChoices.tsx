import type { ReactNode } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';

/** From this many answers on they stand three a row instead of two; on a wider screen one more. With numbers they are higher. */
const MANY = 7;
const MANY_HIGH = 5;
const ROOMY_PX = 600;

/** An answer as a drawing. */
export interface DrawnChoice {
  key: string;
  label: string;
  /** A number beside a label of words. */
  small?: string;
  chosen: boolean;
  /** Whether it is what the hold wants. */
  isGood: boolean;
  figure: ReactNode;
  onPress: () => void;
}

/** Answers as drawings, as large as fit without scrolling, each one tap. */
export function DrawnChoices({
  question,
  options,
  isDense,
}: {
  question: string;
  /** Three a row at least: another question stands beside it. */
  isDense: boolean;
  options: readonly DrawnChoice[];
}) {
  const tokens = useTokens();
  const { width } = useWindowDimensions();
  const many = options.some(({ small }) => small !== undefined) ? MANY_HIGH : MANY;
  const isFew = options.length < many && options.length !== 3;
  const columns = (isFew && !isDense ? 2 : 3) + (width < ROOMY_PX ? 0 : 1);
  return (
    <View
      role="radiogroup"
      aria-label={question}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        margin: -space(1),
      }}
    >
      {options.map(({ key, label, small, chosen, isGood, figure, onPress }) => (
        <View key={key} style={{ width: `${100 / columns}%`, padding: space(1) }}>
          <Pressable
            role="radio"
            aria-checked={chosen}
            aria-label={label}
            onPress={onPress}
            style={({ pressed }) => ({
              flexGrow: 1,
              alignItems: 'center',
              justifyContent: 'flex-end',
              gap: space(1),
              padding: space(2),
              borderRadius: RADIUS,
              borderWidth: chosen ? 2 : 1,
              borderColor: chosen ? tokens.ink : tokens.line,
              backgroundColor: pressed || chosen ? tokens.amberGround : tokens.card,
            })}
          >
            {figure}
            {isGood ? (
              <View style={{ position: 'absolute', top: space(2), right: space(2) }}>
                <StateMark state="in" size={14} />
              </View>
            ) : null}
            <Text variant="small" style={{ textAlign: 'center' }}>
              {label}
            </Text>
            {small === undefined ? null : (
              <Text variant="small" second style={{ textAlign: 'center' }}>
                {small}
              </Text>
            )}
          </Pressable>
        </View>
      ))}
    </View>
  );
}
