import type { ReactNode } from 'react';
import { Text as NativeText, type TextStyle } from 'react-native';
import { useTokens } from './ThemeProvider';
import { FONTS } from './tokens';

const VARIANTS = {
  title: { fontFamily: FONTS.display, fontSize: 28, lineHeight: 36 },
  heading: { fontFamily: FONTS.display, fontSize: 22, lineHeight: 30 },
  figure: { fontFamily: FONTS.display, fontSize: 18, lineHeight: 24 },
  strong: { fontFamily: FONTS.strong, fontSize: 16, lineHeight: 22 },
  body: { fontFamily: FONTS.text, fontSize: 16, lineHeight: 23 },
  small: { fontFamily: FONTS.text, fontSize: 14, lineHeight: 20 },
  label: { fontFamily: FONTS.strong, fontSize: 13, lineHeight: 18 },
} as const satisfies Record<string, TextStyle>;

const LEVELS: Partial<Record<keyof typeof VARIANTS, number>> = { title: 1, heading: 2 };

/** Text of the house: one of seven sizes. Titles and headings are announced as such. */
export function Text({
  variant = 'body',
  second = false,
  color,
  style,
  lines,
  level = LEVELS[variant],
  children,
}: {
  variant?: keyof typeof VARIANTS;
  /** In the second ink, for what may be overlooked. */
  second?: boolean;
  color?: string;
  style?: TextStyle;
  /** Cut after this many lines. */
  lines?: number;
  /** Heading level, where it is one. */
  level?: number | undefined;
  children: ReactNode;
}) {
  const tokens = useTokens();
  return (
    <NativeText
      {...(level === undefined ? {} : { role: 'heading', 'aria-level': level })}
      {...(lines === undefined ? {} : { numberOfLines: lines })}
      style={[
        VARIANTS[variant],
        { color: color ?? (second ? tokens.inkSecond : tokens.ink) },
        style,
      ]}
    >
      {children}
    </NativeText>
  );
}
