import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { useTokens } from './ThemeProvider';
import { RADIUS, space } from './tokens';

/** A sheet on the ground, with the house's line and corners. */
export function Card({ children, style }: { children: ReactNode; style?: ViewStyle }) {
  const tokens = useTokens();
  return (
    <View
      style={[
        {
          backgroundColor: tokens.card,
          borderColor: tokens.line,
          borderWidth: 1,
          borderRadius: RADIUS,
          padding: space(3),
        },
        style,
      ]}
    >
      {children}
    </View>
  );
}
