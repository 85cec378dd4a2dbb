import { memo, useContext } from 'react';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { BowKind } from '@open-palm/core/holds';
import type { Tokens } from '../../foundation/kit/tokens';
import { bowShape, type BowShape } from './bowShape';
import { OnPencil } from './onPencil';

/** How far the stick is drawn where the whole bow is not, mm. */
const SHORT_TO = 92;

/** How far the middle of the stick bends toward the hair, mm: to the 6 to 8 mm that are left of hair clearance. */
const CAMBER = 8;

/** The bow in mm, from the finger side; the portrait's frame. Around the frog, or to its tip. */
export const BowFigure = memo(function BowFigure({
  tokens,
  kind = 'violin',
  tipMm,
}: {
  tokens: Tokens;
  kind?: BowKind;
  /** Where the stick ends, for the whole bow. */
  tipMm?: number;
}) {
  const isPencil = useContext(OnPencil);
  const shape = bowShape(kind);
  if (isPencil) return <Pencil tokens={tokens} shape={shape} />;
  const { stickRadius: r, frogLength, underside, gripFrom, gripTo, windingTo } = shape;
  const rings = Array.from(
    { length: Math.floor((windingTo - gripTo - 2) / 3) },
    (_, i) => gripTo + 2 + i * 3,
  );
  const back = -frogLength;
  return (
    <G>
      <Rect
        x={-2}
        y={underside - 5}
        width={(tipMm ?? SHORT_TO) - 2}
        height={2.6}
        fill={tokens.hair}
        stroke={tokens.line}
        strokeWidth={0.4}
      />
      <Path d={frogOutline(shape)} fill={tokens.frog} />
      <Rect x={-9} y={underside - 7} width={11} height={7} rx={1} fill={tokens.metal} />
      <Circle cx={back * 0.587} cy={(r + underside) / 2} r={3.4} fill={tokens.metal} />
      {tipMm === undefined ? (
        <Rect x={back - 2} y={-r} width={SHORT_TO - back + 2} height={r * 2} fill={tokens.wood} />
      ) : (
        <WholeStick tokens={tokens} shape={shape} tipMm={tipMm} />
      )}
      <Rect
        x={back - 2}
        y={-r + 1.2}
        width={(tipMm === undefined ? SHORT_TO : windingTo) - back + 2}
        height={1.5}
        fill={tokens.woodLight}
      />
      <Rect
        x={back - 16}
        y={-r + 0.4}
        width={14}
        height={r * 2 - 0.8}
        rx={1.5}
        fill={tokens.metal}
      />
      <Line
        x1={back - 7}
        x2={back - 7}
        y1={-r + 0.4}
        y2={r - 0.4}
        stroke={tokens.winding}
        strokeWidth={0.8}
      />
      <Rect
        x={gripFrom}
        y={-r - 0.8}
        width={gripTo - gripFrom}
        height={r * 2 + 1.6}
        rx={1}
        fill={tokens.leather}
      />
      {rings.map((x) => (
        <Line
          key={x}
          x1={x}
          x2={x + 0.8}
          y1={-r}
          y2={r}
          stroke={tokens.winding}
          strokeWidth={1.5}
        />
      ))}
    </G>
  );
});

/** A thick pencil in the bow's place, its point where the tip would be. */
function Pencil({ tokens, shape }: { tokens: Tokens; shape: BowShape }) {
  const [from, to, r] = [-shape.frogLength, SHORT_TO - 14, shape.stickRadius + 0.6];
  return (
    <G>
      <Rect x={from} y={-r} width={to - from} height={r * 2} rx={1} fill={tokens.amber} />
      <Rect x={from} y={-r + 1.4} width={to - from} height={1.4} fill={tokens.amberGround} />
      <Rect x={from - 5} y={-r} width={6} height={r * 2} rx={1} fill={tokens.metal} />
      <Path d={`M${to} ${-r}L${to + 14} 0L${to} ${r}Z`} fill={tokens.woodLight} />
      <Path d={`M${to + 10} ${-r * 0.3}L${to + 14} 0L${to + 10} ${r * 0.3}Z`} fill={tokens.ink} />
    </G>
  );
}

/** The frog with its throat cut out of the front. */
function frogOutline({ stickRadius: r, frogLength, underside }: BowShape): string {
  // The throat's curve keeps its shape in a higher frog.
  const y = (share: number) => r + (underside - r) * share;
  const back = -frogLength;
  return [
    `M${back} ${r - 0.6}H0`,
    `C-1.5 ${y(0.21)} -5 ${y(0.3)} -7 ${y(0.47)}`,
    `C-8 ${y(0.55)} -8 ${y(0.61)} -8 ${y(0.63)}`,
    `V${underside}H${back + 2}Q${back} ${underside} ${back} ${underside - 2}Z`,
  ].join('');
}

/** The stick to its head: bent toward the hair and thinner toward the tip. */
function WholeStick({
  tokens,
  shape: { stickRadius: r, frogLength, underside, windingTo },
  tipMm,
}: {
  tokens: Tokens;
  shape: BowShape;
  tipMm: number;
}) {
  const thin = r * 0.6;
  const from = -frogLength - 2;
  const neck = tipMm - 18;
  // Straight under the hand and the winding.
  const middle = (windingTo + neck) / 2;
  const hair = underside - 2.4;
  return (
    <Path
      d={[
        `M${from} ${-r}H${windingTo}Q${middle} ${-r + 2 * CAMBER} ${neck} ${-thin}`,
        `L${tipMm + 4} ${-thin - 2}L${tipMm - 1} ${hair}H${neck - 4}`,
        `Q${neck + 3} ${hair * 0.55} ${neck - 4} ${thin}`,
        `Q${middle} ${r + 2 * CAMBER} ${windingTo} ${r}H${from}Z`,
      ].join('')}
      fill={tokens.wood}
    />
  );
}
