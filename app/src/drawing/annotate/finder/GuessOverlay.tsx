import { memo } from 'react';
import { Circle, G, Line } from 'react-native-svg';
import type { PointName } from '@open-palm/core/measure';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { LINES } from '../../pictures/boneLines';
import { PictureLayer } from '../../pictures/PictureLayer';
import { toScreen, type Size, type Viewport } from '../../pictures/viewport';
import type { Places } from '../marksState';

/** Guesses over the picture: dotted, so that none is taken for a mark; those looked at now with their bones. */
export const GuessOverlay = memo(function GuessOverlay({
  guesses,
  lookedAt,
  chosen,
  viewport,
  box,
}: {
  guesses: Places;
  lookedAt: readonly PointName[];
  chosen: PointName | null;
  viewport: Viewport;
  box: Size;
}) {
  const tokens = useTokens();
  const at = (name: PointName) => {
    const place = guesses[name];
    return place && lookedAt.includes(name) ? toScreen(viewport, place) : null;
  };
  return (
    <PictureLayer box={box}>
      {LINES.map(([a, b]) => {
        const p = at(a);
        const q = at(b);
        if (!p || !q) return null;
        const ends = { x1: p.x, y1: p.y, x2: q.x, y2: q.y };
        return (
          <G key={`${a}-${b}`}>
            <Line {...ends} stroke="#000000" strokeOpacity={0.45} strokeWidth={3.5} />
            <Line {...ends} stroke="#FFFFFF" strokeWidth={1.5} strokeDasharray="5 4" />
          </G>
        );
      })}
      {(Object.keys(guesses) as PointName[]).map((name) => {
        const { x, y } = toScreen(viewport, guesses[name]!);
        const isNow = lookedAt.includes(name);
        if (!isNow) {
          return (
            <Circle
              key={name}
              cx={x}
              cy={y}
              r={3.5}
              fill="none"
              stroke="#FFFFFF"
              strokeWidth={1.5}
              strokeDasharray="2 2"
            />
          );
        }
        return (
          <G key={name}>
            <Circle cx={x} cy={y} r={9} fill="none" stroke="#1E1B16" strokeWidth={3.5} />
            <Circle
              cx={x}
              cy={y}
              r={9}
              fill="none"
              stroke={name === chosen ? tokens.amber : '#FFFFFF'}
              strokeWidth={2.2}
              strokeDasharray="4 3"
            />
            <Circle cx={x} cy={y} r={1.8} fill="#FFFFFF" stroke="#000000" strokeWidth={0.8} />
          </G>
        );
      })}
    </PictureLayer>
  );
});
