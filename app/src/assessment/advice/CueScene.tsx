import type { ReactNode } from 'react';
import Svg, { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Tokens } from '../../foundation/kit/tokens';
import type { Skin } from '../../drawing/portrait/skin';
import type { Scene } from './cueFigures';

interface Inks {
  tokens: Tokens;
  skin: Skin;
}

/** The bow's hand end: button, stick, frog with its ferrule. */
function Bow({ tokens }: { tokens: Tokens }) {
  return (
    <G>
      <Rect x={-48} y={-4} width={100} height={8} fill={tokens.wood} />
      <Rect x={-54} y={-3.5} width={8} height={7} rx={1} fill={tokens.metal} />
      <Path d="M-44 4H-8Q-13 10 -14 14V22H-44Z" fill={tokens.frog} />
      <Rect x={-20} y={15} width={10} height={7} rx={1} fill={tokens.metal} />
    </G>
  );
}

function Fingers({ at, skin }: { at: number; skin: Skin }) {
  return (
    <G>
      {[0, 12, 24, 36].map((x) => (
        <Rect
          key={x}
          x={at + x}
          y={-24}
          width={11}
          height={40}
          rx={5.5}
          fill={skin.fill}
          stroke={skin.line}
        />
      ))}
    </G>
  );
}

function Arrow({ from, to, y, color }: { from: number; to: number; y: number; color: string }) {
  const back = from < to ? -6 : 6;
  return (
    <G stroke={color} strokeWidth={3} strokeLinecap="round" fill="none">
      <Line x1={from} y1={y} x2={to} y2={y} />
      <Path d={`M${to + back} ${y - 5}L${to} ${y}L${to + back} ${y + 5}`} />
    </G>
  );
}

const DRAWINGS: Record<Scene, (inks: Inks) => ReactNode> = {
  // Hair up, the thumb's tip set where the eye can see it.
  turnedOver: ({ tokens, skin }) => (
    <G>
      <G scaleY={-1}>
        <Bow tokens={tokens} />
      </G>
      <Path
        d="M-26 40Q-10 34 -6 18Q-5 6 -1 2Q6 0 8 8Q9 26 -2 40Z"
        fill={skin.fill}
        stroke={skin.line}
      />
      <Path d="M-1 4Q5 2 6 8L2 10Z" fill={skin.nail} stroke={skin.line} strokeWidth={0.7} />
    </G>
  ),
  higherUp: ({ tokens, skin }) => (
    <G>
      <Bow tokens={tokens} />
      <Fingers at={4} skin={skin} />
      <Arrow from={-30} to={-2} y={-30} color={tokens.amber} />
    </G>
  ),
  handForward: ({ tokens, skin }) => (
    <G>
      <Bow tokens={tokens} />
      <Fingers at={-28} skin={skin} />
      <Arrow from={-26} to={14} y={-32} color={tokens.amber} />
    </G>
  ),
  shortDoses: ({ tokens }) => (
    <G>
      <Circle cx={0} cy={3} r={28} fill={tokens.card} stroke={tokens.ink} strokeWidth={3} />
      <Rect x={-4} y={-36} width={8} height={8} rx={2} fill={tokens.ink} />
      <Path d="M0 3V-21A24 24 0 0 1 17 -14Z" fill={tokens.amber} />
      <Line x1={0} y1={3} x2={0} y2={-19} stroke={tokens.ink} strokeWidth={3} />
    </G>
  ),
  lighterBow: ({ tokens }) => (
    <G>
      <G opacity={0.45}>
        <Rect x={-50} y={-18} width={100} height={7} fill={tokens.wood} />
        <Path d="M-46 -11H-26V0H-46Z" fill={tokens.frog} />
      </G>
      <Rect x={-50} y={14} width={70} height={5} fill={tokens.wood} />
      <Path d="M-46 19H-32V27H-46Z" fill={tokens.frog} />
    </G>
  ),
  // The hand from behind the frog, round and empty inside.
  hollowPalm: ({ tokens, skin }) => (
    <G>
      <Path
        d="M-34 30Q-44 -22 0 -28Q44 -22 34 30"
        fill="none"
        stroke={skin.line}
        strokeWidth={17}
        strokeLinecap="round"
      />
      <Path
        d="M-34 30Q-44 -22 0 -28Q44 -22 34 30"
        fill="none"
        stroke={skin.fill}
        strokeWidth={15}
        strokeLinecap="round"
      />
      <Rect x={-9} y={4} width={18} height={30} rx={3} fill={tokens.frog} />
      <Circle
        cx={0}
        cy={14}
        r={23}
        fill="none"
        stroke={tokens.amber}
        strokeWidth={2}
        strokeDasharray="4 3"
      />
    </G>
  ),
  // The web between thumb and index, with the button in it.
  button: ({ tokens, skin }) => (
    <G>
      <Path
        d="M-50 -26Q-14 -30 -12 0Q-14 30 -50 26"
        fill="none"
        stroke={skin.line}
        strokeWidth={17}
        strokeLinecap="round"
      />
      <Path
        d="M-50 -26Q-14 -30 -12 0Q-14 30 -50 26"
        fill="none"
        stroke={skin.fill}
        strokeWidth={15}
        strokeLinecap="round"
      />
      <Rect x={-6} y={-5} width={12} height={10} rx={2} fill={tokens.metal} />
      <Rect x={6} y={-4} width={46} height={8} fill={tokens.wood} />
      <Path d="M12 4H48V22H12Z" fill={tokens.frog} />
    </G>
  ),
  // The bow lies on a string by its own weight.
  onTheString: ({ tokens, skin }) => (
    <G>
      <Line x1={-50} y1={20} x2={50} y2={20} stroke={tokens.metal} strokeWidth={3} />
      <Rect x={-52} y={-2} width={104} height={6} fill={tokens.wood} />
      <Rect x={-52} y={14} width={104} height={4} fill={tokens.card} stroke={tokens.line} />
      <Path d="M-52 4H-30V18H-52Z" fill={tokens.frog} />
      <Ellipse cx={-34} cy={-12} rx={17} ry={10} fill={skin.fill} stroke={skin.line} />
    </G>
  ),
  pencil: ({ tokens, skin }) => (
    <G>
      <Rect x={-46} y={-4} width={84} height={9} fill={tokens.amber} />
      <Path d="M38 -4L52 0.5L38 5Z" fill={tokens.wood} />
      <Fingers at={-26} skin={skin} />
    </G>
  ),
  // The short end is held down, the long one is carried.
  seesaw: ({ tokens, skin }) => (
    <G>
      <Path d="M-18 34L-8 10L2 34Z" fill={tokens.frog} />
      <Rect x={-46} y={2} width={96} height={7} fill={tokens.wood} />
      <Rect x={-44} y={-26} width={11} height={28} rx={5.5} fill={skin.fill} stroke={skin.line} />
      <Path d="M46 -22V-4M40 -10L46 -3L52 -10" fill="none" stroke={tokens.amber} strokeWidth={3} />
    </G>
  ),
  threeStops: ({ tokens }) => (
    <G>
      <Rect x={-50} y={-3} width={100} height={6} fill={tokens.wood} />
      <Path d="M-50 3H-34V15H-50Z" fill={tokens.frog} />
      {[-30, 4, 38].map((x) => (
        <Circle key={x} cx={x} cy={-16} r={7} fill={tokens.amber} />
      ))}
    </G>
  ),
  indexLifted: ({ tokens, skin }) => (
    <G>
      <Bow tokens={tokens} />
      <Fingers at={-30} skin={skin} />
      <Rect x={22} y={-38} width={11} height={32} rx={5.5} fill={skin.fill} stroke={skin.line} />
    </G>
  ),
  laid: ({ tokens, skin }) => (
    <G>
      <Bow tokens={tokens} />
      <Fingers at={-26} skin={skin} />
      <Path d="M-4 -40V-30M-9 -35L-4 -29L1 -35" fill="none" stroke={tokens.amber} strokeWidth={3} />
    </G>
  ),
  armFloats: ({ tokens, skin }) => (
    <G>
      <Path
        d="M-46 4Q-10 -14 38 0"
        fill="none"
        stroke={skin.line}
        strokeWidth={18}
        strokeLinecap="round"
      />
      <Path
        d="M-46 4Q-10 -14 38 0"
        fill="none"
        stroke={skin.fill}
        strokeWidth={16}
        strokeLinecap="round"
      />
      <Path
        d="M-50 28Q-38 20 -26 28T-2 28T22 28T46 28"
        fill="none"
        stroke={tokens.amber}
        strokeWidth={3}
      />
    </G>
  ),
  armHangs: ({ tokens, skin }) => (
    <G>
      <Path d="M-6 -36V8" fill="none" stroke={skin.line} strokeWidth={18} strokeLinecap="round" />
      <Path d="M-6 -36V8" fill="none" stroke={skin.fill} strokeWidth={16} strokeLinecap="round" />
      <Path
        d="M-14 10Q-18 36 -8 38Q4 38 4 14Z"
        fill={skin.fill}
        stroke={skin.line}
        strokeWidth={1.4}
      />
      <Path
        d="M22 -10Q34 4 22 22M32 -14Q48 4 32 28"
        fill="none"
        stroke={tokens.amber}
        strokeWidth={3}
      />
    </G>
  ),
  mirror: ({ tokens, skin }) => (
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
  ball: ({ tokens, skin }) => (
    <G>
      <Circle cx={0} cy={12} r={22} fill={tokens.amber} />
      <Path
        d="M-34 28Q-44 -22 0 -26Q44 -22 34 28"
        fill="none"
        stroke={skin.line}
        strokeWidth={15}
        strokeLinecap="round"
      />
      <Path
        d="M-34 28Q-44 -22 0 -26Q44 -22 34 28"
        fill="none"
        stroke={skin.fill}
        strokeWidth={13}
        strokeLinecap="round"
      />
    </G>
  ),
  tube: ({ tokens, skin }) => (
    <G>
      <Rect x={-48} y={-6} width={96} height={24} rx={12} fill={tokens.card} stroke={tokens.line} />
      <Ellipse cx={40} cy={6} rx={6} ry={12} fill="none" stroke={tokens.line} />
      <Fingers at={-24} skin={skin} />
    </G>
  ),
  brush: ({ tokens, skin }) => (
    <G>
      <Rect x={-6} y={-36} width={12} height={30} rx={5} fill={tokens.wood} />
      <Ellipse cx={0} cy={-20} rx={17} ry={10} fill={skin.fill} stroke={skin.line} />
      <Rect x={-16} y={-6} width={32} height={10} fill={tokens.metal} />
      <Path d="M-15 4Q-24 22 -30 30H4Q10 18 15 4Z" fill={tokens.frog} />
      <Path d="M-46 34H46" stroke={tokens.amber} strokeWidth={4} />
    </G>
  ),
  nail: ({ tokens, skin }) => (
    <G>
      <Path
        d="M-52 -16H10Q34 -16 34 2Q34 18 8 18H-52Z"
        fill={skin.fill}
        stroke={skin.line}
        strokeWidth={1.4}
      />
      <Path d="M4 -16Q26 -17 30 -7Q22 -10 4 -9Z" fill={skin.nail} stroke={skin.line} />
      <Line
        x1={36}
        y1={-26}
        x2={20}
        y2={2}
        stroke={tokens.amber}
        strokeWidth={3}
        strokeDasharray="5 4"
      />
      <Ellipse cx={40} cy={-30} rx={6} ry={5} fill="none" stroke={tokens.amber} strokeWidth={3} />
    </G>
  ),
};

/** A cue that no single checkpoint shows. */
export function CueScene({ scene, skin }: { scene: Scene; skin: Skin }) {
  const tokens = useTokens();
  return (
    <Svg width="100%" viewBox="-56 -42 112 86" style={{ aspectRatio: 1.3 }} aria-hidden>
      {DRAWINGS[scene]({ tokens, skin })}
    </Svg>
  );
}
