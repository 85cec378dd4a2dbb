import { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { stateColor, type MarkState } from '../../foundation/kit/StateMark';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { FONTS } from '../../foundation/kit/tokens';

/** A numbered mark whose shape tells the state. */
export function PortraitMark({
  x,
  y,
  state,
  text,
}: {
  x: number;
  y: number;
  state: MarkState;
  text: string;
}) {
  const tokens = useTokens();
  const color = stateColor(tokens, state);
  const r = 4.3;
  const filled = state === 'in' || state === 'out';
  return (
    <G>
      {state === 'out' ? (
        <Rect
          x={x - r}
          y={y - r}
          width={2 * r}
          height={2 * r}
          rx={1}
          fill={color}
          stroke={tokens.card}
          strokeWidth={0.9}
        />
      ) : (
        <Circle cx={x} cy={y} r={r + 1} fill={tokens.card} />
      )}
      {state === 'out' ? null : (
        <Circle
          cx={x}
          cy={y}
          r={state === 'in' ? r : r - 0.4}
          fill={state === 'in' ? color : tokens.card}
          stroke={color}
          strokeWidth={1}
          {...(state === 'notSeen' ? { strokeDasharray: '1.2 1.4' } : {})}
        />
      )}
      {state === 'unsure' ? (
        <Path d={`M${x} ${y - r}a${r} ${r} 0 0 0 0 ${2 * r}z`} fill={color} opacity={0.55} />
      ) : null}
      <SvgText
        x={x}
        y={y + 2}
        fontSize={5.6}
        fontFamily={FONTS.strong}
        textAnchor="middle"
        fill={filled ? tokens.onState : tokens.ink}
      >
        {text}
      </SvgText>
    </G>
  );
}
