import { memo } from 'react';
import { Image, View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { toScreen, type Size, type Viewport } from './viewport';

const SIZE = 132;
const EDGE = 8;
const ENLARGED = 2.5;

/** Shows what the finger covers: the picture around the mark, enlarged, in the corner away from it. */
export function Magnifier({
  url,
  picture,
  viewport,
  at,
  box,
}: {
  url: string;
  picture: Size;
  viewport: Viewport;
  /** The mark's place in the picture. */
  at: Vec2;
  box: Size;
}) {
  const tokens = useTokens();
  const scale = viewport.scale * ENLARGED;
  const onLeft = toScreen(viewport, at).x > box.width / 2;
  return (
    <View
      aria-hidden
      testID="magnifier"
      style={{
        position: 'absolute',
        top: EDGE,
        ...(onLeft ? { left: EDGE } : { right: EDGE }),
        width: SIZE,
        height: SIZE,
        borderRadius: SIZE / 2,
        overflow: 'hidden',
        borderWidth: 3,
        borderColor: tokens.amber,
        backgroundColor: tokens.ground,
        pointerEvents: 'none',
      }}
    >
      <Image
        source={{ uri: url }}
        style={{
          position: 'absolute',
          width: picture.width * scale,
          height: picture.height * scale,
          left: SIZE / 2 - 3 - at.x * scale,
          top: SIZE / 2 - 3 - at.y * scale,
        }}
      />
      <Crosshair color={tokens.amber} />
    </View>
  );
}

const Crosshair = memo(function Crosshair({ color }: { color: string }) {
  return (
    <Svg
      width={SIZE - 6}
      height={SIZE - 6}
      viewBox="-63 -63 126 126"
      style={{ position: 'absolute', left: 0, top: 0 }}
    >
      <Path d="M-63 0H-7M7 0H63M0-63V-7M0 7V63" stroke="#FFFFFF" strokeWidth={1.5} />
      <Circle r={7} fill="none" stroke={color} strokeWidth={2} />
      <Circle r={1.2} fill="#FFFFFF" stroke="#000000" strokeWidth={0.5} />
    </Svg>
  );
});
