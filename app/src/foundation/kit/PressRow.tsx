import type { ReactNode } from 'react';
import { Pressable } from 'react-native';
import { useTokens } from './ThemeProvider';
import { RADIUS, space, TOUCH } from './tokens';

/** A line of a list that opens something. */
export function PressRow({
  label,
  onPress,
  chosen = false,
  acts = false,
  children,
}: {
  label: string;
  onPress: () => void;
  chosen?: boolean;
  /** It does something here, as a button, where it leads nowhere else. */
  acts?: boolean;
  children: ReactNode;
}) {
  const tokens = useTokens();
  return (
    <Pressable
      role={acts ? 'button' : 'link'}
      aria-label={label}
      {...(chosen ? { 'aria-current': 'true' } : {})}
      onPress={onPress}
      style={({ pressed }) => ({
        minHeight: TOUCH,
        flexDirection: 'row',
        alignItems: 'center',
        gap: space(3),
        padding: space(2),
        borderRadius: RADIUS,
        borderWidth: 1,
        borderColor: chosen ? tokens.ink : tokens.line,
        backgroundColor: pressed || chosen ? tokens.amberGround : tokens.card,
      })}
    >
      {children}
    </Pressable>
  );
}
