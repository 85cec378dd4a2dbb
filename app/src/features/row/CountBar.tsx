import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { rowWords } from '../../foundation/strings/row';

const HEIGHT = 26;
const BAR = 10;

/** So many of a room, as a place on a line from nobody to everybody: the likeliest number, and how far it may be off. */
export function CountBar({
  least,
  most,
  likely,
  room,
}: {
  least: number;
  most: number;
  likely: number;
  room: number;
}) {
  const tokens = useTokens();
  const [width, setWidth] = useState(0);
  const at = (n: number) => 2 + ((width - 4) * n) / Math.max(1, room);
  const middle = HEIGHT / 2;
  return (
    <View
      role="img"
      aria-label={rowWords.group.likely(least, most, room)}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      style={{ height: HEIGHT }}
    >
      {width > 0 ? (
        <Svg width={width} height={HEIGHT}>
          <Rect
            x={2}
            y={middle - BAR / 2}
            width={width - 4}
            height={BAR}
            rx={BAR / 2}
            fill={tokens.line}
          />
          <Rect
            x={at(least)}
            y={middle - BAR / 2}
            width={Math.max(4, at(most) - at(least))}
            height={BAR}
            rx={3}
            fill={tokens.out}
            opacity={0.45}
          />
          <Line
            x1={at(likely)}
            x2={at(likely)}
            y1={3}
            y2={HEIGHT - 3}
            stroke={tokens.out}
            strokeWidth={3}
          />
        </Svg>
      ) : null}
    </View>
  );
}
