import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '../../../foundation/kit/ThemeProvider';

export type TroubleFigureKind = 'network' | 'wifi' | 'asleep' | 'certificate' | 'clock' | 'moved';

/** What is in the way between a phone and the studio's computer, drawn between the two. */
export function TroubleFigure({ kind, label }: { kind: TroubleFigureKind; label: string }) {
  const { ink, amber, card, line, out } = useTokens();
  const stroke = { stroke: ink, strokeWidth: 3, fill: card } as const;
  const mark = { stroke: amber, strokeWidth: 4, fill: 'none', strokeLinecap: 'round' } as const;
  return (
    <Svg width={132} height={72} viewBox="0 0 132 72" role="img" aria-label={label}>
      <Rect x={6} y={10} width={30} height={52} rx={6} {...stroke} />
      <Line x1={17} y1={16} x2={25} y2={16} stroke={ink} strokeWidth={3} strokeLinecap="round" />
      <G opacity={kind === 'asleep' ? 0.55 : 1}>
        <Rect x={86} y={16} width={40} height={30} rx={4} {...stroke} />
        <Path d="M80 54h52" stroke={ink} strokeWidth={4} strokeLinecap="round" />
      </G>
      {kind === 'network' ? (
        <G>
          <Path d="M46 30a22 22 0 0 1 30 0M53 38a12 12 0 0 1 16 0" {...mark} stroke={line} />
          <Circle cx={61} cy={46} r={3} fill={line} />
          <Line x1={46} y1={54} x2={76} y2={22} stroke={out} strokeWidth={4} />
        </G>
      ) : null}
      {kind === 'wifi' ? (
        <G>
          <Path d="M42 22a16 16 0 0 1 0 28" {...mark} />
          <Path d="M80 22a16 16 0 0 0 0 28" {...mark} />
          <Line
            x1={61}
            y1={18}
            x2={61}
            y2={56}
            stroke={out}
            strokeWidth={4}
            strokeDasharray="6 6"
          />
        </G>
      ) : null}
      {kind === 'asleep' ? (
        <Path d="M96 24h10l-10 12h10M110 22h8l-8 10h8" {...mark} strokeWidth={3} />
      ) : null}
      {kind === 'certificate' ? (
        <G>
          <Rect x={48} y={30} width={26} height={20} rx={4} {...mark} fill={card} />
          <Path d="M54 30v-6a7 7 0 0 1 13-3" {...mark} />
          <Line x1={56} y1={36} x2={66} y2={45} stroke={out} strokeWidth={4} />
          <Line x1={66} y1={36} x2={56} y2={45} stroke={out} strokeWidth={4} />
        </G>
      ) : null}
      {kind === 'clock' ? (
        <G>
          <Circle cx={61} cy={36} r={17} {...mark} fill={card} />
          <Path d="M61 26v10l7 5" {...mark} strokeWidth={3} />
        </G>
      ) : null}
      {kind === 'moved' ? (
        <Path d="M42 44h26m-8-8 8 8-8 8M70 28h-4" {...mark} strokeLinejoin="round" />
      ) : null}
    </Svg>
  );
}
