import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useTokens } from './ThemeProvider';
import { useWide } from './useWide';

/** List and detail side by side where there is room; otherwise the one that the address asks for. */
export function TwoPane({
  list,
  detail,
  narrow,
}: {
  list: ReactNode;
  detail: ReactNode;
  narrow: 'list' | 'detail';
}) {
  const tokens = useTokens();
  if (!useWide()) return narrow === 'list' ? list : detail;
  return (
    <View style={{ flex: 1, flexDirection: 'row' }}>
      <View style={{ width: 380, borderRightWidth: 1, borderColor: tokens.line }}>{list}</View>
      <View style={{ flex: 1 }}>{detail}</View>
    </View>
  );
}
