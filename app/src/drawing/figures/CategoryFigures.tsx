import { Circle, Ellipse, G, Line, Path, Rect, Text } from 'react-native-svg';
import type { MeasureId } from '@open-palm/core/measure';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { FONTS } from '../../foundation/kit/tokens';
import type { Skin } from '../portrait/skin';
import { Frame } from './Frame';
import { StickSide } from './StickSide';

/** What is written in a drawing: readable in a mirrored one too. */
function Upright({
  x,
  y,
  mirrored,
  color,
  children,
}: {
  x: number;
  y: number;
  mirrored: boolean;
  color: string;
  children: string;
}) {
  return (
    <G x={x} y={y} scaleX={mirrored ? -1 : 1}>
      <Text fontSize={18} fontFamily={FONTS.strong} textAnchor="middle" fill={color}>
        {children}
      </Text>
    </G>
  );
}

/** Which part of the thumb touches, with a mark at it: past the nail, the tip, or the pad. */
function ThumbContact({ at, skin }: { at: string; skin: Skin }) {
  const tokens = useTokens();
  const mark = { nail: [30, -13], tip: [37, 0], pad: [18, 14] }[at] ?? [0, 0];
  return (
    <Frame>
      <Path
        d="M-52 -18H14Q38 -16 38 0Q38 15 14 15Q-10 13 -20 18H-52Z"
        fill={skin.fill}
        stroke={skin.line}
        strokeWidth={1.4}
      />
      <Path d="M8 -18Q30 -18 35 -9Q26 -12 8 -12Z" fill={skin.nail} stroke={skin.line} />
      <Circle cx={mark[0]} cy={mark[1]} r={6} fill={tokens.amber} stroke={tokens.card} />
    </Frame>
  );
}

/** The end of the bow with the little finger where it rests: the fingers' side is to the right. */
function LittlePlace({ at, skin }: { at: string; skin: Skin }) {
  const tokens = useTokens();
  const finger: Record<string, string> = {
    off: 'M46 -32Q28 -38 8 -33',
    top: 'M46 -28Q28 -34 4 -17',
    over: 'M44 -26Q20 -30 15 2',
    flat: 'M46 -14Q26 -14 20 16',
    under: 'M46 6Q30 34 2 33',
  };
  const path = finger[at] ?? finger.off!;
  return (
    <Frame>
      <G y={7}>
        <Rect x={-9} y={-2} width={18} height={27} rx={2} fill={tokens.frog} />
        <Circle cx={0} cy={-4} r={7} fill={tokens.wood} />
        <Path d={path} fill="none" stroke={skin.line} strokeWidth={14} strokeLinecap="round" />
        <Path d={path} fill="none" stroke={skin.fill} strokeWidth={12} strokeLinecap="round" />
      </G>
    </Frame>
  );
}

const FINGER_NUMBERS: Record<string, string> = { index: '1', middle: '2', ring: '3', little: '4' };

/** The frog with its ferrule, and the number of the finger whose tip is there. */
function FingerAtFerrule({ at, skin, mirrored }: { at: string; skin: Skin; mirrored: boolean }) {
  const tokens = useTokens();
  const number = FINGER_NUMBERS[at];
  return (
    <Frame>
      <Rect x={-52} y={-6} width={104} height={8} fill={tokens.wood} />
      <Path d="M-48 2H0Q-6 10 -8 14V26H-48Z" fill={tokens.frog} />
      <Rect x={-12} y={16} width={14} height={10} rx={1} fill={tokens.metal} />
      {number === undefined ? null : (
        <G>
          <Path
            d="M-14 -40V8Q-14 20 -5 20Q4 20 4 8V-40Z"
            fill={skin.fill}
            stroke={skin.line}
            strokeWidth={1.2}
          />
          <Upright
            x={-5}
            y={-12}
            mirrored={mirrored}
            color={tokens.dark ? tokens.ground : tokens.ink}
          >
            {number}
          </Upright>
        </G>
      )}
    </Frame>
  );
}

/** Shoulder, elbow and hand from the front. */
function ElbowLevel({ at, skin }: { at: string; skin: Skin }) {
  const tokens = useTokens();
  const y = { dropped: 26, level: 8, raised: -18 }[at] ?? 8;
  const arm = `M-40 -26L-6 ${y}L38 8`;
  return (
    <Frame>
      <Line x1={-52} y1={8} x2={52} y2={8} stroke={tokens.line} strokeDasharray="3 3" />
      <Path d={arm} fill="none" stroke={skin.line} strokeWidth={15} strokeLinejoin="round" />
      <Path d={arm} fill="none" stroke={skin.fill} strokeWidth={13} strokeLinejoin="round" />
      <Circle cx={-6} cy={y} r={3.5} fill="none" stroke={tokens.amber} strokeWidth={2} />
    </Frame>
  );
}

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

/** The drawings of answers that are categories, by their measure. */
export function CategoryFigure({
  id,
  at,
  skin,
  mirrored,
}: {
  id: MeasureId;
  at: string;
  skin: Skin;
  /** Whether the whole drawing is mirrored around it. */
  mirrored: boolean;
}) {
  switch (id) {
    case 'thumbContact':
      return <ThumbContact at={at} skin={skin} />;
    case 'thumbFacet':
      return <StickSide at={at} skin={skin} />;
    case 'littlePlace':
      return <LittlePlace at={at} skin={skin} />;
    case 'ferruleFinger':
      return <FingerAtFerrule at={at} skin={skin} mirrored={mirrored} />;
    case 'elbowLevel':
      return <ElbowLevel at={at} skin={skin} />;
    default:
      return <StickRoll at={at} />;
  }
}
