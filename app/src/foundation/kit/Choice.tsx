import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from './Text';
import { useTokens } from './ThemeProvider';
import { RADIUS, space, TOUCH } from './tokens';

/** One of several things, chosen by touch: told by its border, its ground and to screen readers. */
export function Choice({
  label,
  chosen,
  onPress,
  children,
  grow = false,
  role = 'radio',
  accessibilityLabel,
}: {
  label: string;
  chosen: boolean;
  onPress: () => void;
  /** A drawing above the label. */
  children?: ReactNode;
  grow?: boolean;
  /** A checkbox where several can be chosen. */
  role?: 'radio' | 'checkbox';
  /** Where the label alone would not say what it answers. */
  accessibilityLabel?: string;
}) {
  const tokens = useTokens();
  return (
    <Pressable
      role={role}
      aria-checked={chosen}
      {...(accessibilityLabel === undefined ? {} : { 'aria-label': accessibilityLabel })}
      onPress={onPress}
      style={{
        minHeight: TOUCH - 4,
        minWidth: TOUCH - 4,
        maxWidth: '100%',
        justifyContent: 'center',
        alignItems: 'center',
        gap: space(1),
        paddingVertical: space(2),
        paddingHorizontal: space(3),
        borderRadius: RADIUS - 2,
        borderWidth: chosen ? 2 : 1,
        margin: chosen ? 0 : 1,
        borderColor: chosen ? tokens.ink : tokens.line,
        backgroundColor: chosen ? tokens.amberGround : tokens.card,
        ...(grow ? { flexGrow: 1, flexBasis: '40%' } : {}),
      }}
    >
      {children}
      <Text variant={chosen ? 'strong' : 'body'}>{label}</Text>
    </Pressable>
  );
}

/** A group of choices with its question. */
export function Choices({ question, children }: { question: string; children: ReactNode }) {
  return (
    <View role="radiogroup" aria-label={question} style={{ gap: space(2) }}>
      <Text variant="label" second>
        {question}
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>{children}</View>
    </View>
  );
}
