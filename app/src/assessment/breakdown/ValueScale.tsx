import Svg, { Line, Path, Rect } from 'react-native-svg';
import type { Range } from '@open-palm/core/holds';
import { dotPath } from '@open-palm/core/track/chartPaths';
import { stateColor, type MarkState } from '../../foundation/kit/StateMark';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { scalePlaces } from './valueScale';

export const SCALE_WIDTH = 116;
const HEIGHT = 20;
const PAD = 6;

/** A value's face: what is wanted as a bar, the value on it in the shape of its state, its doubt as a stroke. Its words stand beside it. */
export function ValueScale({
  value,
  sd,
  band,
  state,
}: {
  value: number;
  sd: number;
  band: Range;
  state: MarkState;
}) {
  const tokens = useTokens();
  const places = scalePlaces(value, sd, band);
  if (!places) return null;
  const x = (at: number) => PAD + at * (SCALE_WIDTH - 2 * PAD);
  const y = HEIGHT / 2;
  const color = stateColor(tokens, state);
  const isRing = state === 'unsure' || state === 'none';
  const dot = [{ x: x(places.value), y }];
  const [from, to] = places.band.map(x) as [number, number];
  return (
    <Svg width={SCALE_WIDTH} height={HEIGHT} viewBox={`0 0 ${SCALE_WIDTH} ${HEIGHT}`} aria-hidden>
      <Line x1={PAD} x2={SCALE_WIDTH - PAD} y1={y} y2={y} stroke={tokens.line} strokeWidth={2} />
      <Rect
        x={from}
        y={y - 5}
        width={to - from}
        height={10}
        rx={5}
        fill={tokens.in}
        opacity={0.24}
      />
      <Line
        x1={x(places.doubt[0])}
        x2={x(places.doubt[1])}
        y1={y}
        y2={y}
        stroke={color}
        strokeWidth={2}
      />
      <Path
        d={dotPath(dot, state === 'out' ? 'square' : 'disc', 5)}
        fill={isRing ? tokens.card : color}
        stroke={color}
        strokeWidth={1.5}
      />
      {state === 'unsure' ? <Path d={dotPath(dot, 'half', 5)} fill={color} /> : null}
    </Svg>
  );
}
