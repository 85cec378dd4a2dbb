import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from '../../../kit/Text';
import { useTokens } from '../../../kit/ThemeProvider';
import { RADIUS, space } from '../../../kit/tokens';

/** From this many answers on they stand three a row instead of two. */
const MANY = 7;

/** Answers as drawings, as large as fit without scrolling, each one tap. */
export function DrawnChoices({
  question,
  options,
}: {
  question: string;
  options: readonly {
    key: string;
    label: string;
    chosen: boolean;
    figure: ReactNode;
    onPress: () => void;
  }[];
}) {
  const tokens = useTokens();
  const share = options.length < MANY ? '48.5%' : '31.5%';
  return (
    <View
      role="radiogroup"
      aria-label={question}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        justifyContent: 'space-between',
        rowGap: space(2),
      }}
    >
      {options.map(({ key, label, chosen, figure, onPress }) => (
        <Pressable
          key={key}
          role="radio"
          aria-checked={chosen}
          aria-label={label}
          onPress={onPress}
          style={({ pressed }) => ({
            width: share,
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
          <Text variant="small" style={{ textAlign: 'center' }}>
            {label}
          </Text>
        </Pressable>
      ))}
    </View>
  );
}
