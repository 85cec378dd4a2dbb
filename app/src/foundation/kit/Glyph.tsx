import Svg, { Path } from 'react-native-svg';
import { GLYPHS, type GlyphName } from './glyphs';

/** An icon, drawn: it says nothing that its button's words do not. */
export function Glyph({
  name,
  color,
  size,
}: {
  name: GlyphName;
  color?: string | undefined;
  size: number;
}) {
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={GLYPHS[name]} fill={color ?? 'currentColor'} />
    </Svg>
  );
}
