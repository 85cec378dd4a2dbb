import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Hold } from '@open-palm/core/holds';
import { NOTHING_MEASURED, type MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import { seenAt } from '@open-palm/core/portrait/seenAt';
import type { Station } from '@open-palm/core/portrait';
import { stationOf, type PortraitView } from '@open-palm/core/portrait/views';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Tokens } from '../../foundation/kit/tokens';
import { WantedGrip, type WantedHand } from '../../drawing/portrait/WantedGrip';
import type { Scene } from './cueFigures';

/** Scenes that are the hold's own hand with one thing drawn over it. */
const POSED = [
  'button',
  'handForward',
  'higherUp',
  'hollowPalm',
  'indexLifted',
  'laid',
  'onTheString',
  'pencil',
  'seesaw',
  'tube',
  'turnedOver',
] as const;
type PosedScene = (typeof POSED)[number];

export const isPosed = (scene: Scene): scene is PosedScene => POSED.some((one) => one === scene);

/** How far up the stick a lighter place is, mm. */
const HIGHER_MM = 60;
/** How high a lifted index is above the stick, mm. */
const LIFTED_MM = 34;
/** Half the breadth of a paper tube round the stick, mm. */
const TUBE_MM = 17;

/** What the hold's own hand does in a scene, and from where it is seen. */
interface Posing {
  view: PortraitView;
  held?: 'pencil' | null;
  upMm?: number;
  isTurnedOver?: boolean;
  grip?: MeasuredGrip;
}

function posingOf(scene: PosedScene, hold: Hold): Posing {
  switch (scene) {
    case 'turnedOver':
      return { view: hold.hand === 'over' ? 'thumbSide' : 'playerEye', isTurnedOver: true };
    case 'higherUp':
      return { view: 'fingerSide', upMm: HIGHER_MM };
    case 'hollowPalm':
      return { view: 'downStick' };
    case 'button':
      return { view: hold.hand === 'over' ? 'fingerSide' : 'profile' };
    case 'pencil':
      return { view: 'fingerSide', held: 'pencil' };
    case 'tube':
      return { view: 'fingerSide', held: null };
    case 'indexLifted':
      return { view: 'fingerSide', grip: withIndexLifted(hold) };
    default:
      return { view: 'fingerSide' };
  }
}

function withIndexLifted({ startingPlacesMm, startingDepthsU }: Hold): MeasuredGrip {
  const { contacts } = NOTHING_MEASURED;
  const index = {
    xMm: startingPlacesMm.index,
    u: startingDepthsU.index,
    dMm: LIFTED_MM,
    touching: false,
  };
  return {
    contacts: { ...contacts, fingers: { ...contacts.fingers, index } },
    measures: {},
  };
}

/** A cue as the hold's own hand. */
export function PosedCue({ scene, ...hand }: WantedHand & { scene: PosedScene }) {
  const tokens = useTokens();
  const { hold, side } = hand;
  const posing = useMemo(() => posingOf(scene, hold), [scene, hold]);
  const station = stationOf(posing.view, hold.hand);
  const at = (x: number, y: number, z = 0) => seenAt(station, [x, y, z]);
  const overIt = drawnOver(scene, hold, at, rightOf(station), tokens);
  const tube =
    scene === 'tube' ? (
      <Rect
        x={-100}
        y={at(0, TUBE_MM).y}
        width={10 * station.widthMm + 200}
        height={at(0, -TUBE_MM).y - at(0, TUBE_MM).y}
        fill={tokens.card}
        stroke={tokens.inkSecond}
        strokeWidth={12}
      />
    ) : undefined;
  return (
    <View aria-hidden>
      <WantedGrip {...hand} {...posing} detail="choice" behind={tube}>
        {overIt === null ? null : (
          // A left hand's drawing is mirrored, what is laid over it is not.
          <G
            {...(side === 'left'
              ? { transform: `translate(${10 * station.widthMm} 0) scale(-1 1)` }
              : {})}
          >
            {overIt}
          </G>
        )}
      </WantedGrip>
    </View>
  );
}

type At = (x: number, y: number, z?: number) => { x: number; y: number };

/** Near the right edge of a picture, mm along the stick. */
const rightOf = ({ at, widthMm }: Station): number => at[0] + 0.5 * widthMm - 16;

function drawnOver(
  scene: PosedScene,
  hold: Hold,
  at: At,
  right: number,
  tokens: Tokens,
): ReactNode {
  const { index, little } = hold.startingPlacesMm;
  switch (scene) {
    case 'higherUp':
    case 'handForward':
      return <Arrow from={at(-14, -42)} to={at(36, -42)} color={tokens.amber} />;
    case 'seesaw':
      return (
        <>
          <Arrow from={at(little, 52)} to={at(little, 22)} color={tokens.amber} />
          <Arrow from={at(right, -14)} to={at(right, -44)} color={tokens.amber} />
        </>
      );
    case 'laid':
      return (
        <>
          <Arrow from={at(right - 12, 16)} to={at(right - 12, 52)} color={tokens.amber} />
          <Arrow from={at(right, 52)} to={at(right, 16)} color={tokens.amber} />
        </>
      );
    case 'indexLifted':
      return <Arrow from={at(index + 22, 8)} to={at(index + 22, 44)} color={tokens.amber} />;
    case 'hollowPalm':
      return (
        <Dashed
          at={at(-26, hold.hand === 'over' ? -4 : -16, hold.hand === 'over' ? -40 : 4)}
          r={170}
          tokens={tokens}
        />
      );
    case 'button':
      return <Dashed at={at(-70, 0)} r={120} tokens={tokens} />;
    case 'onTheString': {
      const [top, bottom] = [at(right - 4, 30), at(right, -60)];
      return (
        <Line
          x1={top.x}
          y1={top.y}
          x2={bottom.x}
          y2={bottom.y}
          stroke={tokens.winding}
          strokeWidth={26}
        />
      );
    }
    default:
      return null;
  }
}

interface Place {
  x: number;
  y: number;
}

const HEAD = 70;

function Arrow({ from, to, color }: { from: Place; to: Place; color: string }) {
  const angle = Math.atan2(to.y - from.y, to.x - from.x);
  const barb = (by: number) =>
    `${Math.round(to.x - HEAD * Math.cos(angle + by))} ${Math.round(to.y - HEAD * Math.sin(angle + by))}`;
  return (
    <Path
      d={`M${from.x} ${from.y}L${to.x} ${to.y}M${barb(0.6)}L${to.x} ${to.y}L${barb(-0.6)}`}
      stroke={color}
      strokeWidth={36}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}

function Dashed({ at, r, tokens }: { at: Place; r: number; tokens: Tokens }) {
  return (
    <Circle
      cx={at.x}
      cy={at.y}
      r={r}
      fill="none"
      stroke={tokens.amber}
      strokeWidth={24}
      strokeDasharray="60 44"
    />
  );
}
