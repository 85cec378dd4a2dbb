import { View } from 'react-native';
import { isHardlyTold } from '@open-palm/core/fit/hardlyTold';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

/** A joint's bend as a fitted hand tells it. */
export interface FittedBend {
  id: keyof typeof strings.points;
  value: number;
  sd: number;
  interval: { lo: number; hi: number } | null;
}

/** Every joint's bend with its doubt, as a table. */
export function BendTable({ joints }: { joints: readonly FittedBend[] }) {
  const tokens = useTokens();
  return (
    <View role="table" aria-label={strings.hand3d.bends}>
      {joints.map(({ id, value, sd, interval }) => (
        <View
          key={id}
          role="row"
          style={{
            flexDirection: 'row',
            borderTopWidth: 1,
            borderColor: tokens.line,
            paddingVertical: space(1),
          }}
        >
          <View role="cell" style={{ flex: 1 }}>
            <Text variant="small">{strings.points[id]}</Text>
          </View>
          <View role="cell" style={{ alignItems: 'flex-end' }}>
            <Text variant="figure">
              {interval
                ? strings.hand3d.range(Math.round(interval.lo), Math.round(interval.hi))
                : strings.hand3d.bend(Math.round(value), Math.max(1, Math.round(sd)))}
            </Text>
            {interval && isHardlyTold(interval) ? (
              <Text variant="small" second>
                {strings.hand3d.hardlyTold}
              </Text>
            ) : null}
          </View>
        </View>
      ))}
    </View>
  );
}
