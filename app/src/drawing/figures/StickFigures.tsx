import type { ReactNode } from 'react';
import Svg, { Circle, Ellipse, G, Line, Rect } from 'react-native-svg';
import type { MeasureId } from '@open-palm/core/measure';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Skin } from '../portrait/skin';
import { ASPECT } from './BendFigure';

/** Breadth of the drawn fingers, mm. */
const BREADTH = 17;

function Frame({
  left,
  width,
  top,
  children,
}: {
  left: number;
  width: number;
  /** Where the drawing begins; by default the stick runs through its middle. */
  top?: number;
  children: ReactNode;
}) {
  const height = width / ASPECT;
  return (
    <Svg
      width="100%"
      viewBox={`${left} ${top ?? -height / 2} ${width} ${height}`}
      style={{ aspectRatio: ASPECT }}
      aria-hidden
    >
      {children}
    </Svg>
  );
}

function Stick({ from, to }: { from: number; to: number }) {
  const tokens = useTokens();
  return <Rect x={from} y={-4} width={to - from} height={8} fill={tokens.wood} />;
}

/** Fingers on the stick from above, at places along it, mm; the thumb from below. */
function AlongStick({
  fingers,
  thumb,
  skin,
}: {
  fingers: readonly number[];
  thumb: number | null;
  skin: Skin;
}) {
  const places = [...fingers, ...(thumb === null ? [] : [thumb])];
  const left = Math.min(...places) - 20;
  const width = Math.max(80, Math.max(...places) + 20 - left);
  return (
    <Frame left={left} width={width}>
      {thumb === null ? null : (
        <Ellipse cx={thumb} cy={13} rx={9.5} ry={15} fill={skin.behind} stroke={skin.line} />
      )}
      <Stick from={left} to={left + width} />
      {fingers.map((x, i) => (
        <Ellipse
          key={i}
          cx={x}
          cy={-7}
          rx={BREADTH / 2}
          ry={20}
          fill={skin.fill}
          stroke={skin.line}
        />
      ))}
    </Frame>
  );
}

/** A limb's line against the stick, at an angle. */
function AngleToStick({ deg, skin, from }: { deg: number; skin: Skin; from: 'below' | 'above' }) {
  const rad = (deg * Math.PI) / 180;
  const sign = from === 'below' ? 1 : -1;
  const [x, y] = [-44 * Math.cos(rad), sign * 44 * Math.sin(rad)];
  return (
    <Frame left={-52} width={104} top={from === 'below' ? -12 : -68}>
      <Line
        x1={0}
        y1={sign * 6}
        x2={x}
        y2={y + sign * 6}
        stroke={skin.line}
        strokeWidth={19}
        strokeLinecap="round"
      />
      <Line
        x1={0}
        y1={sign * 6}
        x2={x}
        y2={y + sign * 6}
        stroke={skin.fill}
        strokeWidth={17}
        strokeLinecap="round"
      />
      <Stick from={-52} to={52} />
    </Frame>
  );
}

/** The row of knuckles over the stick, its index end to the right and lower by the lean. */
function KnucklesOverStick({ deg, skin }: { deg: number; skin: Skin }) {
  const rad = (deg * Math.PI) / 180;
  return (
    <Frame left={-52} width={104}>
      <G y={24}>
        <Stick from={-52} to={52} />
      </G>
      {[-27, -9, 9, 27].map((x, i) => (
        <Circle
          key={x}
          cx={x * Math.cos(rad)}
          cy={-6 + x * Math.sin(rad)}
          r={9 + i * 0.6}
          fill={skin.fill}
          stroke={skin.line}
        />
      ))}
    </Frame>
  );
}

/** The bow over a string: square to it, or skewed. */
function BowOnString({ deg }: { deg: number }) {
  const tokens = useTokens();
  return (
    <Frame left={-52} width={104}>
      <Line x1={0} y1={-40} x2={0} y2={40} stroke={tokens.winding} strokeWidth={2} />
      <Rect x={-10} y={28} width={20} height={5} fill={tokens.leather} />
      <G rotation={-deg}>
        <Stick from={-48} to={48} />
      </G>
    </Frame>
  );
}

/** How far the thumb's tip shows past the stick's far edge, mm. */
function ThumbPastEdge({ mm, skin }: { mm: number; skin: Skin }) {
  return (
    <Frame left={-30} width={60}>
      <Circle cx={0} cy={mm - 5} r={9} fill={skin.behind} stroke={skin.line} />
      <Stick from={-30} to={30} />
    </Frame>
  );
}

/** Stick and hair in the middle of the bow, mm apart. */
function StickAndHair({ mm }: { mm: number }) {
  const tokens = useTokens();
  return (
    <Frame left={-26} width={52}>
      <G y={-6}>
        <Stick from={-26} to={26} />
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

/** Uneven gaps with this coefficient of variation. */
const uneven = (cv: number): number[] => {
  const [wide, narrow] = [18 * (1 + 1.22 * cv), 18 * (1 - 1.22 * cv)];
  return [0, wide, wide + 18, wide + 18 + narrow];
};

/** The drawings of answers that lie along or against the stick, by their measure. */
export function StickFigure({ id, value, skin }: { id: MeasureId; value: number; skin: Skin }) {
  switch (id) {
    case 'thumbApproach':
      return <AngleToStick deg={value} skin={skin} from="below" />;
    case 'handLean':
      return <KnucklesOverStick deg={value} skin={skin} />;
    case 'bowSkew':
      return <BowOnString deg={value} />;
    case 'thumbThrough':
      return <ThumbPastEdge mm={value} skin={skin} />;
    case 'hairClearance':
      return <StickAndHair mm={value} />;
    case 'thumbOpposition':
      return <AlongStick fingers={[-17, 0, 17]} thumb={value * 19} skin={skin} />;
    case 'indexLead':
      return <AlongStick fingers={[value]} thumb={0} skin={skin} />;
    case 'gapEvenness':
      return <AlongStick fingers={uneven(value)} thumb={null} skin={skin} />;
    case 'spread':
      return (
        <AlongStick fingers={[0, value / 3, (2 * value) / 3, value]} thumb={null} skin={skin} />
      );
    case 'gapRatio12':
    case 'gapRatio23':
    case 'gapRatio34':
      return <AlongStick fingers={[0, 19 * value]} thumb={null} skin={skin} />;
    default:
      return <AlongStick fingers={[0, value]} thumb={null} skin={skin} />;
  }
}
