import { memo } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import type { Vec2 } from '@open-palm/core/units';
import type { DrawnFinger } from './gripFigure';
import type { Skin } from './skin';
import { pathThrough, tubeOutline } from './tube';

/** The back of the hand; dotted as long as no finger was seen. */
export const BackOfHand = memo(
  function BackOfHand({
    points,
    skin,
    seen,
    bold,
  }: {
    points: readonly Vec2[];
    skin: Skin;
    seen: boolean;
    bold: boolean;
  }) {
    const outline = pathThrough([...points]);
    return (
      <Path
        d={outline}
        fill={seen ? skin.fill : 'none'}
        stroke={skin.line}
        strokeWidth={bold ? 2 : 0.7}
        {...(seen ? {} : { strokeDasharray: '1.6 1.8' })}
      />
    );
  },
  (before, after) => samePlaces(before.points, after.points) && sameLook(before, after),
);

/** A finger or thumb with its creases and nail; dotted when it was not seen. */
export const FingerShape = memo(
  function FingerShape({
    drawn,
    skin,
    bold,
    nail = false,
  }: {
    drawn: DrawnFinger;
    skin: Skin;
    bold: boolean;
    nail?: boolean;
  }) {
    const outline = pathThrough(tubeOutline(drawn.joints, drawn.radii));
    const [, pip, dip, tip] = drawn.joints;
    return (
      <G>
        <Path
          d={outline}
          fill={drawn.seen ? skin.fill : 'none'}
          stroke={skin.line}
          strokeWidth={bold ? 2 : 0.7}
          strokeLinejoin="round"
          {...(drawn.seen ? {} : { strokeDasharray: '1.6 1.8' })}
        />
        {drawn.seen && !bold && nail && pip && dip && tip ? (
          <>
            <Crease at={dip} width={drawn.radii[2]!} color={skin.line} />
            <Crease at={pip} width={drawn.radii[1]!} color={skin.line} />
            <Nail dip={dip} tip={tip} width={drawn.radii[3]!} skin={skin} />
          </>
        ) : null}
      </G>
    );
  },
  (before, after) =>
    samePlaces(before.drawn.joints, after.drawn.joints) &&
    before.drawn.seen === after.drawn.seen &&
    before.nail === after.nail &&
    sameLook(before, after),
);

/** A hand that is dragged is drawn anew for every move: what did not move is left as it was. */
const samePlaces = (a: readonly Vec2[], b: readonly Vec2[]): boolean =>
  a === b || (a.length === b.length && a.every(({ x, y }, i) => x === b[i]!.x && y === b[i]!.y));

interface Look {
  skin: Skin;
  bold: boolean;
  seen?: boolean;
}

const sameLook = (a: Look, b: Look): boolean =>
  a.bold === b.bold &&
  a.seen === b.seen &&
  a.skin.fill === b.skin.fill &&
  a.skin.line === b.skin.line;

function Crease({
  at,
  width,
  color,
}: {
  at: { x: number; y: number };
  width: number;
  color: string;
}) {
  const half = width * 0.5;
  return (
    <Path
      d={`M${at.x - half} ${at.y}Q${at.x} ${at.y + 1.6} ${at.x + half} ${at.y}`}
      fill="none"
      stroke={color}
      strokeWidth={0.5}
      opacity={0.7}
    />
  );
}

function Nail({
  dip,
  tip,
  width,
  skin,
}: {
  dip: { x: number; y: number };
  tip: { x: number; y: number };
  width: number;
  skin: Skin;
}) {
  const angle = (Math.atan2(tip.y - dip.y, tip.x - dip.x) * 180) / Math.PI - 90;
  return (
    <G x={tip.x} y={tip.y} rotation={angle}>
      <Rect
        x={-width * 0.58}
        y={-width * 0.75}
        width={width * 1.16}
        height={width * 1.35}
        rx={width * 0.55}
        fill={skin.nail}
        stroke={skin.line}
        strokeWidth={0.35}
      />
    </G>
  );
}
