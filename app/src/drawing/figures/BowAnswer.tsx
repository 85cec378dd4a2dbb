import { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import type { MeasureId } from '@open-palm/core/measure';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { Frame } from './Frame';

/** The bow on its string from the end: fallen back, upright or leaning. */
function StickRoll({ at }: { at: string }) {
  const tokens = useTokens();
  const lean = { fallenBack: -32, upright: 0, leaning: 28 }[at] ?? 0;
  return (
    <Frame>
      <Line x1={-44} y1={28} x2={44} y2={28} stroke={tokens.winding} strokeWidth={2} />
      <Ellipse cx={-42} cy={24} rx={5} ry={8} fill={tokens.leather} />
      <G x={0} y={28} rotation={lean}>
        <Rect x={-11} y={-4} width={22} height={4} fill={tokens.hair} stroke={tokens.inkSecond} />
        <Path d="M-8 -4H8L6 -30H-6Z" fill={tokens.frog} />
        <Circle cx={0} cy={-34} r={8} fill={tokens.wood} />
      </G>
    </Frame>
  );
}

/** The bow over a string: square to it, or skewed. */
function BowOnString({ deg }: { deg: number }) {
  const tokens = useTokens();
  return (
    <Frame>
      <Line x1={0} y1={-40} x2={0} y2={40} stroke={tokens.winding} strokeWidth={2} />
      <Rect x={-10} y={28} width={20} height={5} fill={tokens.leather} />
      <G rotation={-deg}>
        <Rect x={-48} y={-4} width={96} height={8} fill={tokens.wood} />
      </G>
    </Frame>
  );
}

/** Twice as large as life. */
const PER_MM = 2;

/** Stick and hair in the middle of the bow, mm apart. */
function StickAndHair({ mm }: { mm: number }) {
  const tokens = useTokens();
  return (
    <Frame>
      <G y={-12} scale={PER_MM}>
        <Rect x={-26} y={-4} width={52} height={8} fill={tokens.wood} />
        <Rect
          x={-26}
          y={4 + mm}
          width={52}
          height={2.4}
          fill={tokens.hair}
          stroke={tokens.inkSecond}
          strokeWidth={0.5}
        />
      </G>
    </Frame>
  );
}

/** An answer about the bow alone. */
export function BowAnswer({ id, at }: { id: MeasureId; at: number | string }) {
  if (typeof at === 'string') return <StickRoll at={at} />;
  return id === 'bowSkew' ? <BowOnString deg={at} /> : <StickAndHair mm={at} />;
}
