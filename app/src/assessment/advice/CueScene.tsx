import type { ReactNode } from 'react';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Tokens } from '../../foundation/kit/tokens';
import type { Skin } from '@open-palm/core/portrait/skins';

interface Inks {
  tokens: Tokens;
  skin: Skin;
}

const DRAWINGS = {
  shortDoses: ({ tokens }: Inks) => (
    <G>
      <Circle cx={0} cy={3} r={28} fill={tokens.card} stroke={tokens.ink} strokeWidth={3} />
      <Rect x={-4} y={-36} width={8} height={8} rx={2} fill={tokens.ink} />
      <Path d="M0 3V-21A24 24 0 0 1 17 -14Z" fill={tokens.amber} />
      <Line x1={0} y1={3} x2={0} y2={-19} stroke={tokens.ink} strokeWidth={3} />
    </G>
  ),
  lighterBow: ({ tokens }: Inks) => (
    <G>
      <G opacity={0.45}>
        <Rect x={-50} y={-18} width={100} height={7} fill={tokens.wood} />
        <Path d="M-46 -11H-26V0H-46Z" fill={tokens.frog} />
      </G>
      <Rect x={-50} y={14} width={70} height={5} fill={tokens.wood} />
      <Path d="M-46 19H-32V27H-46Z" fill={tokens.frog} />
    </G>
  ),
  threeStops: ({ tokens }: Inks) => (
    <G>
      <Rect x={-50} y={-3} width={100} height={6} fill={tokens.wood} />
      <Path d="M-50 3H-34V15H-50Z" fill={tokens.frog} />
      {[-30, 4, 38].map((x) => (
        <Circle key={x} cx={x} cy={-16} r={7} fill={tokens.amber} />
      ))}
    </G>
  ),
  mirror: ({ tokens, skin }: Inks) => (
    <G>
      <Rect
        x={-30}
        y={-38}
        width={60}
        height={76}
        rx={8}
        fill={tokens.card}
        stroke={tokens.frog}
        strokeWidth={4}
      />
      <Circle cx={0} cy={-14} r={9} fill={skin.fill} stroke={skin.line} />
      <Path d="M-16 26Q-14 0 0 0Q14 0 16 26Z" fill={skin.fill} stroke={skin.line} />
      <Line x1={-22} y1={16} x2={22} y2={4} stroke={tokens.wood} strokeWidth={4} />
    </G>
  ),
} satisfies Record<string, (inks: Inks) => ReactNode>;

export type PlainScene = keyof typeof DRAWINGS;

/** A cue that no single checkpoint shows, and no hand. */
export function CueScene({ scene, skin }: { scene: PlainScene; skin: Skin }) {
  const tokens = useTokens();
  return (
    <Svg width="100%" viewBox="-56 -42 112 86" style={{ aspectRatio: 1.3 }} aria-hidden>
      {DRAWINGS[scene]({ tokens, skin })}
    </Svg>
  );
}
