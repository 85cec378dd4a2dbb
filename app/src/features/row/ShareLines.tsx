import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import type { RoomShare } from '@open-palm/core/row';
import { useTokens } from '../../foundation/kit/ThemeProvider';

const HEIGHT = 34;
const MARGIN = 8;

/** Two shares of a room, each with its doubt, on a line from nobody to everybody: before above, now below. */
export function ShareLines({ from, to }: { from: RoomShare; to: RoomShare }) {
  const tokens = useTokens();
  const [width, setWidth] = useState(0);
  const at = (share: number) => MARGIN + share * (width - 2 * MARGIN);
  return (
    <View
      aria-hidden
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      style={{ height: HEIGHT }}
    >
      {width > 0 ? (
        <Svg width={width} height={HEIGHT}>
          {[from, to].map(({ share, low, high }, i) => {
            const y = i === 0 ? 9 : 25;
            const color = i === 0 ? tokens.inkSecond : tokens.ink;
            return [
              <Line
                key={`all ${i}`}
                x1={at(0)}
                x2={at(1)}
                y1={y}
                y2={y}
                stroke={tokens.line}
                strokeWidth={2}
              />,
              <Line
                key={`doubt ${i}`}
                x1={at(low)}
                x2={at(high)}
                y1={y}
                y2={y}
                stroke={color}
                strokeWidth={4}
                opacity={0.5}
              />,
              <Circle
                key={`share ${i}`}
                cx={at(share)}
                cy={y}
                r={5}
                fill={i === 0 ? tokens.card : color}
                stroke={color}
                strokeWidth={2}
              />,
            ];
          })}
        </Svg>
      ) : null}
    </View>
  );
}
