import { View } from 'react-native';
import type { CameraTurn, Measure } from '@open-palm/core/measure';
import { TurnFigure } from '../../assessment/breakdown/TurnFigure';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

/** How to take the picture again, as soon as a bone is seen too obliquely: while the camera is still at hand. */
export function RetakeAdvice({ measures }: { measures: readonly Measure[] }) {
  const tokens = useTokens();
  const turns = measures.flatMap((measure): CameraTurn[] =>
    measure.kind === 'number' && measure.retake ? [measure.retake] : [],
  );
  const [turn] = turns;
  if (turn === undefined) return null;
  return (
    <View
      role="note"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: space(2),
        paddingHorizontal: space(3),
        paddingVertical: space(1),
        backgroundColor: tokens.amberGround,
      }}
    >
      <TurnFigure turn={turn} />
      <Text variant="small" style={{ flex: 1 }}>
        {strings.measure.retake(strings.turns[turn])}
      </Text>
    </View>
  );
}
