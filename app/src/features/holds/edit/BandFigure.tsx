import { useRef } from 'react';
import Svg, { Circle, G, Line, Path, Rect, Text } from 'react-native-svg';
import type { Range } from '@open-palm/core/holds';
import { specOf, type MeasureId } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import type { AreaPoint } from '../../../foundation/kit/pointers';
import { PointerSurface } from '../../../foundation/kit/PointerSurface';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { FONTS } from '../../../foundation/kit/tokens';
import { RADII_MM } from '../../../drawing/portrait/handProportions';
import { SKINS } from '@open-palm/core/portrait/skins';
import { pathThrough, tubeOutline } from '../../../drawing/portrait/tube';
import { plainNumber } from '../../../foundation/strings/measureWords';
import { bandScale, JOINT_AT, JOINT_RADIUS, type BandScale } from './bandScale';

type End = 'lo' | 'hi';

/** A band drawn where it belongs, on the finger, the stick or the joint; its two ends are dragged. */
export function BandFigure({
  id,
  band,
  onBand,
}: {
  id: MeasureId;
  band: Range;
  onBand: (band: Range) => void;
}) {
  const tokens = useTokens();
  const scale = bandScale(id);
  const dragged = useRef<End>('lo');
  const at = (end: End) => band[end] ?? (end === 'lo' ? scale.from : scale.to);
  const inPlane = ({ x, y }: AreaPoint): Vec2 => ({ x: x * scale.width, y: y * scale.height });
  const away = (point: Vec2, end: End) => {
    const place = scale.pointOf(at(end));
    return Math.hypot(place.x - point.x, place.y - point.y);
  };
  const move = (share: AreaPoint) => {
    const value = scale.valueAt(inPlane(share));
    // The ends stop at each other: a drag cannot turn a band upside down.
    const [least, most] =
      dragged.current === 'lo'
        ? [scale.from, at('hi') - scale.step]
        : [at('lo') + scale.step, scale.to];
    const kept = Number(Math.min(most, Math.max(least, value)).toFixed(2));
    onBand({ ...band, [dragged.current]: kept });
  };
  return (
    <PointerSurface
      onDown={(share) => {
        const point = inPlane(share);
        dragged.current = away(point, 'lo') <= away(point, 'hi') ? 'lo' : 'hi';
        move(share);
      }}
      onMove={move}
      onUp={() => undefined}
    >
      <Svg
        testID="band-figure"
        width="100%"
        viewBox={`0 0 ${scale.width} ${scale.height}`}
        style={{ aspectRatio: scale.width / scale.height }}
        aria-hidden
      >
        <Ground scale={scale} />
        {scale.kind === 'joint' ? (
          <>
            <BentLimb to={scale.pointOf(at('lo'))} />
            <BentLimb to={scale.pointOf(at('hi'))} />
          </>
        ) : null}
        <BandShape scale={scale} lo={at('lo')} hi={at('hi')} color={tokens.in} />
        {(['lo', 'hi'] as const).map((end) => {
          const { x, y } = scale.pointOf(at(end));
          const isOpen = band[end] === undefined;
          return (
            <G key={end}>
              <Circle
                cx={x}
                cy={y}
                r={scale.kind === 'finger' ? 4.5 : 6.5}
                fill={isOpen ? tokens.card : tokens.amber}
                stroke={tokens.ink}
                strokeWidth={1}
                {...(isOpen ? { strokeDasharray: '2 2' } : {})}
              />
              <Text
                x={x}
                y={y - (scale.kind === 'finger' ? 12 : 10)}
                fontSize={scale.kind === 'finger' ? 6 : 8}
                fontFamily={FONTS.strong}
                textAnchor="middle"
                fill={tokens.ink}
              >
                {isOpen ? '' : plainNumber(at(end), specOf(id).unit)}
              </Text>
            </G>
          );
        })}
      </Svg>
    </PointerSurface>
  );
}

function Ground({ scale }: { scale: BandScale }) {
  const tokens = useTokens();
  const skin = SKINS.clay;
  if (scale.kind === 'finger') {
    const joints = [3, 2, 1, 0].map((u) => scale.pointOf(u));
    return (
      <G>
        <Path
          d={pathThrough(tubeOutline(joints, RADII_MM[scale.finger]))}
          fill={skin.fill}
          stroke={skin.line}
          strokeWidth={0.8}
        />
        {[1, 2].map((u) => {
          const { x, y } = scale.pointOf(u);
          return (
            <Line
              key={u}
              x1={x}
              x2={x}
              y1={y - 6}
              y2={y + 6}
              stroke={skin.line}
              strokeWidth={0.7}
            />
          );
        })}
      </G>
    );
  }
  if (scale.kind === 'stick') {
    const zero = scale.pointOf(0);
    return (
      <G>
        <Rect x={0} y={31} width={scale.width} height={8} fill={tokens.wood} />
        <Line x1={zero.x} x2={zero.x} y1={22} y2={54} stroke={tokens.ink} strokeWidth={1} />
        <Text x={zero.x} y={64} fontSize={8} textAnchor="middle" fill={tokens.inkSecond}>
          0
        </Text>
      </G>
    );
  }
  const limb = [
    { x: JOINT_AT.x - 56, y: JOINT_AT.y },
    { x: JOINT_AT.x - 28, y: JOINT_AT.y },
    JOINT_AT,
  ];
  return (
    <G>
      <Path
        d={pathThrough(tubeOutline(limb, [13, 12, 11]))}
        fill={skin.fill}
        stroke={skin.line}
        strokeWidth={0.8}
      />
      <Circle
        cx={JOINT_AT.x}
        cy={JOINT_AT.y}
        r={JOINT_RADIUS}
        fill="none"
        stroke={tokens.line}
        strokeWidth={2}
      />
    </G>
  );
}

/** The bone beyond the joint, bent as an end of the band says. */
function BentLimb({ to }: { to: Vec2 }) {
  const skin = SKINS.clay;
  const middle = { x: (JOINT_AT.x + to.x) / 2, y: (JOINT_AT.y + to.y) / 2 };
  return (
    <Path
      d={pathThrough(tubeOutline([JOINT_AT, middle, to], [11, 10, 8]))}
      fill={skin.fill}
      fillOpacity={0.5}
      stroke={skin.line}
      strokeWidth={0.8}
      opacity={0.8}
    />
  );
}

function BandShape({
  scale,
  lo,
  hi,
  color,
}: {
  scale: BandScale;
  lo: number;
  hi: number;
  color: string;
}) {
  const [a, b] = [scale.pointOf(lo), scale.pointOf(hi)];
  if (scale.kind === 'joint') {
    const large = hi - lo > 180 ? 1 : 0;
    return (
      <Path
        d={`M${a.x} ${a.y}A${JOINT_RADIUS} ${JOINT_RADIUS} 0 ${large} 1 ${b.x} ${b.y}`}
        fill="none"
        stroke={color}
        strokeWidth={6}
      />
    );
  }
  return <Line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke={color} strokeWidth={6} opacity={0.85} />;
}
