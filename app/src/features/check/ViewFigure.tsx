import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Side, View } from '@open-palm/core/measure';
import { useTokens } from '../../foundation/kit/ThemeProvider';

/** A small drawing of what a view shows, so that it is chosen by eye. Right hand; a left hand is mirrored. */
export function ViewFigure({ view, side, width = 92 }: { view: View; side: Side; width?: number }) {
  return (
    <Svg width={width} height={(width * 58) / 92} viewBox="0 0 92 58" aria-hidden>
      <G transform={side === 'left' ? 'translate(92 0) scale(-1 1)' : ''}>
        {view === 'finger-side' && <FingerSide />}
        {view === 'thumb-side' && <ThumbSide />}
        {view === 'player-eye' && <PlayerEye />}
        {view === 'profile' && <Profile />}
        {view === 'front' && <Front />}
        {view === 'bow-side' && <BowSide />}
        {view === 'down-stick' && <DownStick />}
      </G>
    </Svg>
  );
}

function useInks() {
  const tokens = useTokens();
  return {
    skin: { fill: tokens.hair, stroke: tokens.inkSecond, strokeWidth: 1.4 },
    finger: tokens.hair,
    line: tokens.inkSecond,
    wood: tokens.wood,
    frog: tokens.frog,
  };
}

function Finger({
  x1,
  y1,
  x2,
  y2,
  width = 7,
}: {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  width?: number;
}) {
  const { finger, line } = useInks();
  return (
    <G>
      <Line {...{ x1, y1, x2, y2 }} stroke={line} strokeWidth={width + 2.6} strokeLinecap="round" />
      <Line {...{ x1, y1, x2, y2 }} stroke={finger} strokeWidth={width} strokeLinecap="round" />
    </G>
  );
}

function FingerSide() {
  const { skin, wood, frog } = useInks();
  return (
    <G>
      <Path d="M30 20L24 2H50L58 20Z" {...skin} />
      <Rect x={16} y={34} width={26} height={12} fill={frog} />
      <Rect x={8} y={30} width={80} height={5} fill={wood} />
      <Finger x1={29} y1={17} x2={25} y2={28} width={6} />
      <Finger x1={38} y1={17} x2={34} y2={44} />
      <Finger x1={46} y1={17} x2={42} y2={45} />
      <Finger x1={55} y1={17} x2={52} y2={44} />
    </G>
  );
}

function ThumbSide() {
  const { skin, wood, frog } = useInks();
  return (
    <G>
      <Finger x1={30} y1={26} x2={33} y2={48} width={6} />
      <Finger x1={39} y1={26} x2={42} y2={50} width={6} />
      <Path d="M26 22L52 2H78L62 24Z" {...skin} />
      <Rect x={48} y={36} width={26} height={12} fill={frog} />
      <Rect x={4} y={32} width={80} height={5} fill={wood} />
      <Finger x1={54} y1={12} x2={44} y2={24} />
      <Finger x1={44} y1={24} x2={49} y2={35} />
    </G>
  );
}

function PlayerEye() {
  const { skin, wood, frog } = useInks();
  return (
    <G>
      <Rect x={44} y={26} width={24} height={12} fill={frog} />
      <Rect x={2} y={24} width={76} height={5} fill={wood} />
      <Finger x1={32} y1={30} x2={34} y2={18} width={6} />
      <Finger x1={41} y1={30} x2={42} y2={16} width={6} />
      <Finger x1={50} y1={30} x2={50} y2={17} width={6} />
      <Finger x1={59} y1={32} x2={59} y2={22} width={6} />
      <Path d="M27 32Q28 28 34 28L58 29Q64 30 65 36L82 56H52Z" {...skin} />
    </G>
  );
}

function Profile() {
  const { line, finger, frog, wood } = useInks();
  return (
    <G>
      <Path
        d="M0 34L36 22L62 16Q68 15 70 19L76 32"
        fill="none"
        stroke={line}
        strokeWidth={15.6}
        strokeLinejoin="round"
      />
      <Path
        d="M0 34L36 22L62 16Q68 15 70 19L76 32"
        fill="none"
        stroke={finger}
        strokeWidth={13}
        strokeLinejoin="round"
      />
      <Rect x={68} y={38} width={9} height={14} fill={frog} />
      <Circle cx={72.5} cy={36} r={4} fill={wood} />
    </G>
  );
}

/** The whole arm, the bow on its string, the bridge. */
function Front() {
  const { line, finger, wood } = useInks();
  const arm = 'M6 8L16 34L40 26';
  return (
    <G>
      <Path d={arm} fill="none" stroke={line} strokeWidth={10.6} strokeLinejoin="round" />
      <Path d={arm} fill="none" stroke={finger} strokeWidth={8} strokeLinejoin="round" />
      <Line x1={36} y1={28} x2={90} y2={20} stroke={wood} strokeWidth={3.5} />
      <Line x1={66} y1={2} x2={70} y2={54} stroke={line} strokeWidth={1.4} />
      <Path d="M58 46Q70 38 82 45V49H58Z" fill={line} />
    </G>
  );
}

/** The middle of the bow: stick above, hair below. */
function BowSide() {
  const { wood, finger, line } = useInks();
  return (
    <G>
      <Path d="M2 20Q46 30 90 18" fill="none" stroke={wood} strokeWidth={5} />
      <Rect x={2} y={38} width={88} height={4} fill={finger} stroke={line} strokeWidth={1} />
      <Line x1={46} y1={29} x2={46} y2={37} stroke={line} strokeWidth={1.4} strokeDasharray="2 2" />
    </G>
  );
}

/** The end of the bow. */
function DownStick() {
  const { wood, frog, skin } = useInks();
  return (
    <G>
      <Path d="M52 14Q78 12 74 34L62 46Q60 26 48 24Z" {...skin} />
      <Rect x={38} y={26} width={14} height={24} rx={2} fill={frog} />
      <Circle cx={45} cy={22} r={7} fill={wood} />
    </G>
  );
}
