import type { ReactNode } from 'react';
import { View } from 'react-native';
import { space } from './tokens';
import { useWide } from './useWide';

/** The picture first: above what is read, or beside it where there is room. */
export function Columns({ picture, children }: { picture: ReactNode; children: ReactNode }) {
  const wide = useWide();
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space(wide ? 4 : 3) }}>
      <View style={wide ? { flex: 1, maxWidth: 460, gap: space(3) } : { gap: space(3) }}>
        {picture}
      </View>
      <View style={wide ? { flex: 1, gap: space(3) } : { gap: space(3) }}>{children}</View>
    </View>
  );
}
