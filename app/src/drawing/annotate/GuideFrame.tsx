import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { PointName, Side } from '@open-palm/core/measure';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { GuideFigure } from './GuideFigure';

/** The foot of the measure screen: which points are meant, drawn and named, and what can be done about them. */
export function GuideFrame({
  points,
  side,
  label,
  isGuess = false,
  title,
  hint,
  children,
}: {
  points: readonly PointName[];
  side: Side;
  label: string;
  /** Whether it is about a guess that does not count yet. */
  isGuess?: boolean;
  title: string | null;
  hint: string | null;
  /** The rows of buttons. */
  children: ReactNode;
}) {
  const tokens = useTokens();
  return (
    <View
      style={{
        gap: space(2),
        padding: space(3),
        borderTopWidth: 1,
        borderColor: tokens.line,
        backgroundColor: tokens.card,
      }}
    >
      <View style={{ flexDirection: 'row', gap: space(3), alignItems: 'center' }}>
        {points.length === 0 ? null : <GuideFigure points={points} side={side} size={76} />}
        <View style={{ flex: 1 }} aria-live="polite">
          <Text variant="label" color={isGuess ? tokens.amberInk : tokens.inkSecond}>
            {label}
          </Text>
          {title === null ? null : (
            <Text variant="figure" style={{ minHeight: hint === null ? 48 : 24 }}>
              {title}
            </Text>
          )}
          {hint === null ? null : (
            <Text variant="small" second>
              {hint}
            </Text>
          )}
        </View>
      </View>
      {children}
    </View>
  );
}
