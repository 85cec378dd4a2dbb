import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useColorScheme } from 'react-native';
import { configureFonts, PaperProvider } from 'react-native-paper';
// From their own file: with the package's whole list would come every part of it.
import { MD3DarkTheme, MD3LightTheme } from 'react-native-paper/lib/module/styles/themes';
import { Glyph } from './Glyph';
import type { GlyphName } from './glyphs';
import { useReducedMotion } from './useReducedMotion';
import { DARK, FONTS, LIGHT, RADIUS, type Tokens } from './tokens';

const TokensContext = createContext<Tokens>(LIGHT);

/** The colours in force: paper by day, ground by night, as the device asks. */
export const useTokens = () => useContext(TokensContext);

const ICONS = {
  icon: ({ name, color, size }: { name: unknown; color?: string | undefined; size: number }) => (
    <Glyph name={name as GlyphName} color={color} size={size} />
  ),
};

export function ThemeProvider({ children }: { children: ReactNode }) {
  const tokens = useColorScheme() === 'dark' ? DARK : LIGHT;
  const theme = useMemo(() => paperTheme(tokens), [tokens]);
  const isStill = useReducedMotion();
  const settings = useMemo(() => ({ ...ICONS, rippleEffectEnabled: !isStill }), [isStill]);
  return (
    <TokensContext.Provider value={tokens}>
      <PaperProvider theme={theme} settings={settings}>
        {children}
      </PaperProvider>
    </TokensContext.Provider>
  );
}

function paperTheme(tokens: Tokens) {
  const base = tokens.dark ? MD3DarkTheme : MD3LightTheme;
  return {
    ...base,
    roundness: RADIUS / 4,
    fonts: configureFonts({ config: { fontFamily: FONTS.text } }),
    colors: {
      ...base.colors,
      primary: tokens.ink,
      onPrimary: tokens.ground,
      background: tokens.ground,
      surface: tokens.card,
      surfaceVariant: tokens.card,
      onSurface: tokens.ink,
      onSurfaceVariant: tokens.inkSecond,
      outline: tokens.notSeen,
      secondaryContainer: tokens.amberGround,
      onSecondaryContainer: tokens.amberInk,
      error: tokens.out,
    },
  };
}
