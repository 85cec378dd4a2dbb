import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Text } from './Text';
import { useTokens } from './ThemeProvider';
import { space } from './tokens';

/** A line above every screen: something to know, and what can be done about it beside it. */
export function NewsBar({ text, children }: { text: string; children?: ReactNode }) {
  const tokens = useTokens();
  return (
    <View
      style={{
        backgroundColor: tokens.amberGround,
        paddingHorizontal: space(4),
        flexDirection: 'row',
        alignItems: 'center',
        gap: space(3),
      }}
    >
      <View role="status" style={{ flex: 1, paddingVertical: space(1) }}>
        <Text variant="label" color={tokens.amberInk}>
          {text}
        </Text>
      </View>
      {children}
    </View>
  );
}
