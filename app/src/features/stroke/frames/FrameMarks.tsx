import { Circle, G, Line } from 'react-native-svg';
import type { Vec2 } from '@open-palm/core/units';
import { PictureLayer } from '../../../drawing/pictures/PictureLayer';
import { toScreen, type Size, type Viewport } from '../../../drawing/pictures/viewport';
import type { MarkableFrame, MarkName } from './markableFrame';

/** On a photograph, whatever the theme: dark with a white rim is seen on skin, wood and sleeves. */
const MARK_INK = '#1E1B16';

/** Marks that belong together are joined by a line. */
const MARK_LINES: readonly (readonly [MarkName, MarkName])[] = [
  ['forearmFar', 'forearmNear'],
  ['wrist', 'middleMcp'],
  ['stickHandEnd', 'stickTipEnd'],
  ['stringUpper', 'stringLower'],
];

/** The marks of a frame and the lines between them, over its picture. */
export function FrameMarks({
  marks,
  viewport,
  box,
}: {
  marks: MarkableFrame['marks'];
  viewport: Viewport;
  box: Size;
}) {
  const places = Object.entries(marks) as [MarkName, Vec2][];
  const shown = new Map(places.map(([name, at]) => [name, toScreen(viewport, at)]));
  return (
    <PictureLayer box={box}>
      {MARK_LINES.map(([from, to]) => {
        const [a, b] = [shown.get(from), shown.get(to)];
        if (!a || !b) return null;
        const ends = { x1: a.x, y1: a.y, x2: b.x, y2: b.y };
        return (
          <G key={from}>
            <Line {...ends} stroke="#FFFFFF" strokeOpacity={0.85} strokeWidth={5} />
            <Line {...ends} stroke={MARK_INK} strokeWidth={2.5} />
          </G>
        );
      })}
      {[...shown].map(([name, { x, y }]) => (
        <Circle key={name} cx={x} cy={y} r={6} fill="#FFFFFF" stroke={MARK_INK} strokeWidth={2.5} />
      ))}
    </PictureLayer>
  );
}
