import { Circle } from 'react-native-svg';
import type { RulerPoint } from '@open-palm/core/ruler';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { PictureLayer } from '../../../drawing/pictures/PictureLayer';
import { toScreen, type Size, type Viewport } from '../../../drawing/pictures/viewport';

/** The crosses that were touched, as rings, so that the print itself stays visible. */
export function RulerOverlay({
  marks,
  viewport,
  box,
}: {
  marks: Partial<Record<RulerPoint, Vec2>>;
  viewport: Viewport;
  box: Size;
}) {
  const { amber } = useTokens();
  return (
    <PictureLayer box={box}>
      {(Object.entries(marks) as [RulerPoint, Vec2][]).map(([name, place]) => {
        const { x, y } = toScreen(viewport, place);
        return (
          <Circle key={name} cx={x} cy={y} r={6} fill="none" stroke={amber} strokeWidth={2.5} />
        );
      })}
    </PictureLayer>
  );
}
