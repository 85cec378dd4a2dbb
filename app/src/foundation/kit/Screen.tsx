import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { useTokens } from './ThemeProvider';
import { READING_WIDTH, space } from './tokens';
import { useStacked } from './useStacked';

const COLUMNS_WIDTH = 1080;

/** A screen: what is read above, what is done in the lower third where the thumb reaches. */
export function Screen({
  children,
  footer,
  columns = false,
}: {
  children: ReactNode;
  footer?: ReactNode;
  /** Holds two columns where there is room, and so is wider. */
  columns?: boolean;
}) {
  const tokens = useTokens();
  return (
    <View role="main" style={{ flex: 1, backgroundColor: tokens.ground }}>
      <ScrollView
        style={{ flex: 1 }}
        contentContainerStyle={{
          padding: space(4),
          gap: space(3),
          width: '100%',
          maxWidth: columns ? COLUMNS_WIDTH : READING_WIDTH,
          alignSelf: 'center',
        }}
      >
        {children}
      </ScrollView>
      {footer === undefined ? null : <Footer>{footer}</Footer>}
    </View>
  );
}

/** The row of actions at the foot of a screen. */
export function Footer({ children }: { children: ReactNode }) {
  const tokens = useTokens();
  const isStacked = useStacked();
  return (
    <View style={{ borderTopWidth: 1, borderColor: tokens.line, backgroundColor: tokens.ground }}>
      <View
        style={{
          flexDirection: isStacked ? 'column' : 'row',
          gap: space(isStacked ? 1 : 3),
          padding: space(isStacked ? 1 : 3),
          width: '100%',
          maxWidth: READING_WIDTH,
          alignSelf: 'center',
        }}
      >
        {children}
      </View>
    </View>
  );
}
