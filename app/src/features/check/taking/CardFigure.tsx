import { useId, useMemo } from 'react';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import type { View } from '@open-palm/core/measure';
import { DrawnHand } from '../../../drawing/portrait/DrawnHand';
import { SKINS } from '@open-palm/core/portrait/skins';
import { wantedOrder } from '../../../drawing/portrait/wantedOrder';
import { useGripDrawing } from '../../../drawing/portrait/useGripDrawing';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { ViewFigure } from '../ViewFigure';
import type { CardName } from './seenCards';

const WIDTH = 300;
const HEIGHT = 190;

/** The drawing of a card: how far, from where, or in which light. */
export function CardFigure({ card, view, hand }: { card: CardName; view: View; hand: WantedHand }) {
  if (card === 'angle') return <ViewFigure view={view} {...hand} width={WIDTH} />;
  return (
    <Svg width={WIDTH} height={HEIGHT} viewBox="0 0 300 190" aria-hidden>
      {card === 'distance' ? <Distance hand={hand} /> : <Light hand={hand} />}
    </Svg>
  );
}

/** A device, held up with a stretched arm, and the hand on the bow that it shows. */
function Distance({ hand }: { hand: WantedHand }) {
  const tokens = useTokens();
  return (
    <G>
      <BowHand hand={hand} x={2} y={52} width={106} />
      <Line
        x1={112}
        y1={96}
        x2={206}
        y2={96}
        stroke={tokens.amber}
        strokeWidth={2.5}
        strokeDasharray="7 6"
      />
      <Path
        d="M120 88L110 96L120 104M198 88L208 96L198 104"
        fill="none"
        stroke={tokens.amber}
        strokeWidth={2.5}
      />
      <Device x={218} y={42} />
      <BowHand hand={hand} x={222} y={74} width={54} />
    </G>
  );
}

/** A lamp on the camera's side of the hand. */
function Light({ hand }: { hand: WantedHand }) {
  const tokens = useTokens();
  const rays = [
    [218, 60, 160, 78],
    [216, 72, 158, 100],
    [222, 84, 168, 120],
  ] as const;
  return (
    <G>
      <BowHand hand={hand} x={44} y={56} width={112} />
      {rays.map(([x1, y1, x2, y2]) => (
        <Line
          key={x1}
          {...{ x1, y1, x2, y2 }}
          stroke={tokens.amber}
          strokeWidth={3}
          strokeLinecap="round"
        />
      ))}
      <Circle
        cx={244}
        cy={52}
        r={20}
        fill={tokens.amberGround}
        stroke={tokens.amber}
        strokeWidth={3}
      />
      <Device x={232} y={92} height={76} />
    </G>
  );
}

function Device({ x, y, height = 112 }: { x: number; y: number; height?: number }) {
  const tokens = useTokens();
  return (
    <Rect
      x={x}
      y={y}
      width={62}
      height={height}
      rx={9}
      fill={tokens.card}
      stroke={tokens.ink}
      strokeWidth={3}
    />
  );
}

/** The hand on its bow, so wide and at this place. */
function BowHand({ x, y, width, hand }: { x: number; y: number; width: number; hand: WantedHand }) {
  const { hold, side, skinTone } = hand;
  const order = useMemo(
    () =>
      wantedOrder(hold, {
        view: hold.hand === 'over' ? 'fingerSide' : 'playerEye',
        detail: 'badge',
      }),
    [hold],
  );
  const drawing = useGripDrawing(order);
  const frame = `frame${useId().replace(/\W/g, '')}`;
  if (!drawing) return null;
  const scale = width / drawing.width;
  const mirrored = side === 'left' ? ` translate(${drawing.width} 0) scale(-1 1)` : '';
  return (
    <G transform={`translate(${x} ${y}) scale(${scale})${mirrored}`}>
      <Defs>
        <ClipPath id={frame}>
          <Rect width={drawing.width} height={drawing.height} />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#${frame})`}>
        <DrawnHand drawing={drawing} skin={SKINS[skinTone]} bold />
      </G>
    </G>
  );
}
