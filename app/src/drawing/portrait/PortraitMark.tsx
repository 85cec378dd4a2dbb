import { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { stateColor, type MarkState } from '../../foundation/kit/StateMark';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { FONTS } from '../../foundation/kit/tokens';

/** Half the width of a mark that lies on the far side, mm. */
const BEHIND_R = 3.3;

/** A numbered mark whose shape tells the state. */
export function PortraitMark({
  x,
  y,
  state,
  text,
  isBehind = false,
}: {
  x: number;
  y: number;
  state: MarkState;
  text: string;
  /** It lies on the far side: only a ring shows through. */
  isBehind?: boolean;
}) {
  const tokens = useTokens();
  const color = stateColor(tokens, state);
  const r = 4.3;
  if (isBehind) {
    return (
      <G>
        <Circle
          cx={x}
          cy={y}
          r={BEHIND_R}
          fill={tokens.card}
          fillOpacity={0.72}
          stroke={color}
          strokeWidth={0.9}
          {...(state === 'notSeen' ? { strokeDasharray: '1.2 1.2' } : {})}
        />
        <Letter x={x} y={y + 1.6} size={4.6} fill={tokens.ink}>
          {text}
        </Letter>
      </G>
    );
  }
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
      <Letter x={x} y={y + 2} size={5.6} fill={filled ? tokens.onState : tokens.ink}>
        {text}
      </Letter>
    </G>
  );
}

function Letter({
  x,
  y,
  size,
  fill,
  children,
}: {
  x: number;
  y: number;
  size: number;
  fill: string;
  children: string;
}) {
  return (
    <SvgText x={x} y={y} fontSize={size} fontFamily={FONTS.strong} textAnchor="middle" fill={fill}>
      {children}
    </SvgText>
  );
}
