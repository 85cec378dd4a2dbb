import { Button as PaperButton } from 'react-native-paper';
import type { TextStyle, ViewStyle } from 'react-native';
import type { GlyphName } from './glyphs';
import { useTokens } from './ThemeProvider';
import { FONTS, RADIUS, TOUCH } from './tokens';

/** With large text a label takes a second line rather than lose its end. */
const WRAPS = { whiteSpace: 'normal', flexShrink: 1 } as unknown as TextStyle;

/** The house's button. One `primary` on a screen; the rest is quiet. */
export function Button({
  label,
  onPress,
  primary = false,
  disabled = false,
  busy = false,
  icon,
  accessibilityLabel,
  compact = false,
  quiet = false,
  style,
}: {
  label: string;
  onPress: () => void;
  primary?: boolean;
  disabled?: boolean;
  busy?: boolean;
  icon?: GlyphName;
  /** Where the label alone would not say what it acts on. */
  accessibilityLabel?: string;
  /** With less room beside the label, for several in a row. */
  compact?: boolean;
  /** Without a border, for what is always there. */
  quiet?: boolean;
  style?: ViewStyle;
}) {
  const tokens = useTokens();
  return (
    <PaperButton
      mode={primary ? 'contained' : quiet ? 'text' : 'outlined'}
      onPress={onPress}
      disabled={disabled}
      loading={busy}
      {...(icon === undefined ? {} : { icon })}
      {...(accessibilityLabel === undefined ? {} : { accessibilityLabel })}
      style={[
        {
          borderRadius: RADIUS - 2,
          borderColor: primary ? 'transparent' : tokens.ink,
          maxWidth: '100%',
          // Narrower than its words only down to the longest of them.
          minWidth: 0,
        },
        style,
      ]}
      contentStyle={{ minHeight: TOUCH }}
      labelStyle={{
        fontFamily: FONTS.strong,
        fontSize: quiet ? 14 : 16,
        lineHeight: 22,
        ...WRAPS,
        ...(compact ? { marginLeft: icon === undefined ? 8 : 22, marginRight: 8 } : {}),
      }}
    >
      {label}
    </PaperButton>
  );
}
