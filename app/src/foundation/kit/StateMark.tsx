import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { useTokens } from './ThemeProvider';
import type { Tokens } from './tokens';
import type { Verdict } from '@open-palm/core/measure';

/** How something stands, as it is drawn: `none` is measured but judged by nobody. */
export type MarkState = 'in' | 'unsure' | 'out' | 'notSeen' | 'none';

/** Colour of a state, to go with its shape and word, never instead of them. */
export const stateColor = (tokens: Tokens, state: MarkState) =>
  state === 'none' ? tokens.inkSecond : tokens[state];

/** The shape of a state: disc, half-disc, square, dotted ring; a small ring where nothing is judged. */
export function StateMark({ state, size = 18 }: { state: MarkState; size?: number }) {
  const tokens = useTokens();
  const color = stateColor(tokens, state);
  return (
    <Svg width={size} height={size} viewBox="0 0 18 18" aria-hidden>
      {state === 'in' && <Circle cx={9} cy={9} r={7.5} fill={color} />}
      {state === 'out' && <Rect x={2} y={2} width={14} height={14} rx={2} fill={color} />}
      {state === 'unsure' && (
        <>
          <Circle cx={9} cy={9} r={6.5} fill="none" stroke={color} strokeWidth={2} />
          <Path d="M9 2.5a6.5 6.5 0 0 0 0 13z" fill={color} />
        </>
      )}
      {state === 'notSeen' && (
        <Circle
          cx={9}
          cy={9}
          r={6.5}
          fill="none"
          stroke={color}
          strokeWidth={2}
          strokeDasharray="2 2.6"
        />
      )}
      {state === 'none' && (
        <Circle cx={9} cy={9} r={4.5} fill="none" stroke={color} strokeWidth={2} />
      )}
    </Svg>
  );
}

/** The shape in which a verdict is drawn. */
export function verdictMark(verdict: Verdict): MarkState {
  return verdict === 'low' || verdict === 'high' ? 'out' : verdict;
}
