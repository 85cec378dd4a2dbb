import { G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Skin } from '../portrait/skin';
import { Frame } from './Frame';

/** The sides that a player sees, from the top edge down: from where to where, in the drawing. */
const SEEN: Readonly<Record<string, readonly [top: number, bottom: number]>> = {
  '1': [-24, -18],
  '8': [-18, -9],
  '7': [-9, 2],
  '6': [2, 11],
  '5': [11, 17],
};

/** Those of the far side, as high as they lie behind the stick. */
const BEHIND: Readonly<Record<string, number>> = { '2': -17, '3': -4, '4': 10 };

/**
 * The side of the stick that the thumb is on, as the player sees it: looking at the thumb's side, the tip to the left, the
 * hair below. A thumb on the far side lies behind the stick.
 */
export function StickSide({ at, skin }: { at: string; skin: Skin }) {
  const tokens = useTokens();
  const seen = SEEN[at];
  const y = seen ? (seen[0] + seen[1]) / 2 : (BEHIND[at] ?? 0);
  const thumb = `M22 42Q16 ${y + 17} 6 ${y + 7}Q-3 ${y - 1} -11 ${y - 4}Q-18 ${y - 3} -16 ${y + 4}Q-10 ${y + 14} -3 ${y + 22}L4 44Z`;
  const drawn = (
    <Path d={thumb} fill={skin.fill} stroke={skin.line} strokeWidth={1.4} strokeLinejoin="round" />
  );
  return (
    <Frame>
      {seen ? null : drawn}
      <Rect x={-52} y={27} width={78} height={3} fill={tokens.hair} />
      <Path d="M26 17H52V31H30Q26 31 26 27Z" fill={tokens.frog} />
      <Rect x={-52} y={-24} width={104} height={41} fill={tokens.wood} />
      {[-18, -9, 2, 11].map((edge) => (
        <Line key={edge} x1={-52} y1={edge} x2={52} y2={edge} stroke={tokens.ink} opacity={0.35} />
      ))}
      {seen ? (
        <Rect x={-52} y={seen[0]} width={104} height={seen[1] - seen[0]} fill={tokens.amber} />
      ) : (
        <G>
          <Line
            x1={-52}
            y1={y}
            x2={52}
            y2={y}
            stroke={tokens.amber}
            strokeWidth={4}
            strokeDasharray="6 5"
          />
          <Path d={thumb} fill="none" stroke={skin.fill} strokeWidth={1.6} strokeDasharray="3 3" />
        </G>
      )}
      {seen ? drawn : null}
    </Frame>
  );
}
