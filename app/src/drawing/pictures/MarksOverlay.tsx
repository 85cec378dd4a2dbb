import { memo } from 'react';
import { Circle, G, Line } from 'react-native-svg';
import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { LINES } from './boneLines';
import { PictureLayer } from './PictureLayer';
import { toScreen, type Size, type Viewport } from './viewport';

/** The marks over the picture. The chosen one is a ring, so that the place itself stays visible. */
export const MarksOverlay = memo(function MarksOverlay({
  placed,
  chosen,
  viewport,
  box,
}: {
  placed: Partial<Record<PointName, Vec2>>;
  chosen: PointName | null;
  viewport: Viewport;
  box: Size;
}) {
  const tokens = useTokens();
  return (
    <PictureLayer box={box}>
      {LINES.map(([a, b]) => {
        const from = placed[a];
        const to = placed[b];
        if (!from || !to) return null;
        const p = toScreen(viewport, from);
        const q = toScreen(viewport, to);
        return <BoneLine key={`${a}-${b}`} x1={p.x} y1={p.y} x2={q.x} y2={q.y} />;
      })}
      {(Object.entries(placed) as [PointName, Vec2][]).map(([name, place]) => {
        const { x, y } = toScreen(viewport, place);
        return <Dot key={name} x={x} y={y} chosen={name === chosen} color={tokens.amber} />;
      })}
    </PictureLayer>
  );
});

// While a mark is dragged only its own dot and lines are drawn anew.
const BoneLine = memo(function BoneLine(ends: { x1: number; y1: number; x2: number; y2: number }) {
  return (
    <G>
      <Line {...ends} stroke="#000000" strokeOpacity={0.45} strokeWidth={3.5} />
      <Line {...ends} stroke="#FFFFFF" strokeWidth={1.5} />
    </G>
  );
});

const Dot = memo(function Dot({
  x,
  y,
  chosen,
  color,
}: {
  x: number;
  y: number;
  chosen: boolean;
  color: string;
}) {
  if (!chosen) {
    return <Circle cx={x} cy={y} r={5} fill="#FFFFFF" stroke="#1E1B16" strokeWidth={1.5} />;
  }
  return (
    <G>
      <Circle cx={x} cy={y} r={11} fill="none" stroke="#FFFFFF" strokeWidth={5} />
      <Circle cx={x} cy={y} r={11} fill="none" stroke={color} strokeWidth={3} />
      <Circle cx={x} cy={y} r={1.8} fill="#FFFFFF" stroke="#000000" strokeWidth={0.8} />
    </G>
  );
});
