import type { ReactNode } from 'react';
import { Pressable, type PressableProps } from 'react-native';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space, TOUCH } from '../../foundation/kit/tokens';

/** Something beside the drawn hand that is touched: two a row on a phone, where the thumb reaches. */
export function Token({
  isThere = false,
  children,
  ...rest
}: {
  /** It was touched, and tells of a fault. */
  isThere?: boolean;
  children: ReactNode;
} & Pick<PressableProps, 'role' | 'onPress' | 'aria-label' | 'aria-checked'>) {
  const tokens = useTokens();
  return (
    <Pressable
      {...rest}
      style={({ pressed }) => ({
        minHeight: TOUCH,
        flexGrow: 1,
        flexBasis: '40%',
        flexDirection: 'row',
        alignItems: 'center',
        gap: space(2),
        padding: space(2),
        borderRadius: RADIUS,
        borderWidth: isThere ? 2 : 1,
        margin: isThere ? 0 : 1,
        borderColor: isThere ? tokens.out : tokens.line,
        backgroundColor: pressed || isThere ? tokens.amberGround : tokens.card,
      })}
    >
      {children}
    </Pressable>
  );
}
