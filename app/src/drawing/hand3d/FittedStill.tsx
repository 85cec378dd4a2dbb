import { polygonHull } from 'd3-polygon';
import { memo, useMemo } from 'react';
import Svg, { Circle, G, Line, Polygon } from 'react-native-svg';
import type { Hold } from '@open-palm/core/holds';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { SKINS } from '../portrait/skin';
import type { SkinTone } from '@open-palm/contract';
import { bowSolids } from './bowSolids';
import { handSolids, asHeld, type Point3 } from './handSolids';
import { looker, type Orbit } from './orbit';

/** Size of the drawing, in its own units: mm at the hand. */
const WIDTH = 220;
const HEIGHT = 150;
/** What stands in the middle, mm. */
const MIDDLE: Point3 = [12, 18, -40];

interface Stroke {
  depth: number;
  key: string;
  from: { x: number; y: number };
  to: { x: number; y: number };
  width: number;
  ink: string;
  edge: string;
}

/** A fitted hand on its bow, drawn flat from where it is looked at: the nearer covers the farther. */
export const FittedStill = memo(function FittedStill({
  pointsMm,
  side,
  bow,
  skinTone,
  orbit,
  label,
}: {
  pointsMm: readonly Point3[];
  side: 'right' | 'left';
  bow: Hold['bow'];
  skinTone: SkinTone;
  orbit: Orbit;
  label: string;
}) {
  const tokens = useTokens();
  const skin = SKINS[skinTone];
  const { strokes, palm } = useMemo(() => {
    const see = projector(orbit, side);
    const { limbs, palm: rounds } = handSolids(asHeld(pointsMm, side));
    const line = (
      key: string,
      a: Point3,
      b: Point3,
      width: number,
      ink: string,
      edge: string,
    ): Stroke => {
      const [from, to] = [see(a), see(b)];
      return { key, from, to, depth: (from.depth + to.depth) / 2, width, ink, edge };
    };
    const { stickRadius, stickFrom, stickTo, gripTo, windingTo, ...frog } = bowSolids(bow);
    const flip = side === 'right' ? 1 : -1;
    const along = (key: string, x: [number, number], y: number, width: number, ink: string) =>
      line(key, [flip * x[0], y, 0], [flip * x[1], y, 0], width, ink, tokens.ink);
    const frogMiddle = (frog.frogTop + frog.frogBottom) / 2;
    const drawn = [
      // In pieces, so that what lies before and behind the stick sorts itself.
      ...pieces(stickFrom, stickTo, 8).map((x, i) =>
        along(`stick${i}`, x, 0, 2 * stickRadius, tokens.wood),
      ),
      along('grip', [2, gripTo], 0, 2 * stickRadius + 1.5, tokens.leather),
      ...pieces(gripTo, windingTo, 2).map((x, i) =>
        along(`winding${i}`, x, 0, 2 * stickRadius + 0.8, tokens.winding),
      ),
      along(
        'frog',
        [-frog.frogLength, -6],
        frogMiddle,
        frog.frogTop - frog.frogBottom,
        tokens.frog,
      ),
      along('ferrule', [-9, 1], frog.frogBottom + 4, 8, tokens.metal),
      ...pieces(0, stickTo, 4).map((x, i) =>
        along(`hair${i}`, x, frog.frogBottom + 2, 2.5, tokens.hair),
      ),
      ...limbs.map(({ from, to, fromRadius, toRadius }, i) =>
        line(`limb${i}`, from, to, fromRadius + toRadius, skin.fill, skin.line),
      ),
    ];
    const seen = rounds.map(({ at, radius }) => ({ ...see(at), radius }));
    return { strokes: drawn.sort((a, b) => a.depth - b.depth), palm: seen };
  }, [pointsMm, side, bow, orbit, skin, tokens]);
  const palmDepth = palm.reduce((sum, { depth }) => sum + depth, 0) / palm.length;
  return (
    <Svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ aspectRatio: WIDTH / HEIGHT }}
      role="img"
      accessibilityLabel={label}
    >
      {strokes.filter(({ depth }) => depth <= palmDepth).map(drawStroke)}
      <Palm rounds={palm} ink={skin.fill} edge={skin.line} />
      {strokes.filter(({ depth }) => depth > palmDepth).map(drawStroke)}
    </Svg>
  );
});

const drawStroke = ({ key, from, to, width, ink, edge }: Stroke) => (
  <G key={key}>
    <Line
      x1={from.x}
      y1={from.y}
      x2={to.x}
      y2={to.y}
      stroke={edge}
      strokeWidth={width + 1}
      strokeLinecap={isFlat(key) ? 'butt' : 'round'}
    />
    <Line
      x1={from.x}
      y1={from.y}
      x2={to.x}
      y2={to.y}
      stroke={ink}
      strokeWidth={width}
      strokeLinecap={isFlat(key) ? 'butt' : 'round'}
    />
  </G>
);

/** Parts of the bow end square; those of the hand are round. */
const isFlat = (key: string) => !key.startsWith('limb');

function Palm({
  rounds,
  ink,
  edge,
}: {
  rounds: readonly { x: number; y: number; radius: number }[];
  ink: string;
  edge: string;
}) {
  const outline =
    polygonHull(
      rounds.flatMap(({ x, y, radius }) =>
        Array.from({ length: 12 }, (_, i): [number, number] => {
          const angle = (i * Math.PI) / 6;
          return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
        }),
      ),
    ) ?? [];
  return (
    <>
      <Polygon
        points={outline.map(([x, y]) => `${x},${y}`).join(' ')}
        fill={ink}
        stroke={edge}
        strokeWidth={0.6}
        strokeLinejoin="round"
      />
      {rounds.slice(2, 6).map(({ x, y, radius }, i) => (
        <Circle key={i} cx={x} cy={y} r={radius * 0.45} fill={edge} opacity={0.18} />
      ))}
    </>
  );
}

interface Seen {
  x: number;
  y: number;
  depth: number;
}

function projector(orbit: Orbit, side: 'right' | 'left'): (at: Point3) => Seen {
  const [right, up, eye] = looker(orbit);
  const middle: Point3 = [side === 'right' ? MIDDLE[0] : -MIDDLE[0], MIDDLE[1], MIDDLE[2]];
  const along = (axis: number[], at: Point3) =>
    axis.reduce((sum, value, i) => sum + value * (at[i]! - middle[i]!), 0);
  return (at) => ({
    x: WIDTH / 2 + orbit.zoom * along(right!, at),
    y: HEIGHT / 2 - orbit.zoom * along(up!, at),
    depth: along(eye!, at),
  });
}

function pieces(from: number, to: number, count: number): [number, number][] {
  const step = (to - from) / count;
  return Array.from({ length: count }, (_, i) => [from + i * step, from + (i + 1) * step]);
}
