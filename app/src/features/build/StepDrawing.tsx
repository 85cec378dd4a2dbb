import { useContext, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Student } from '@open-palm/contract';
import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import { DIGITS } from '@open-palm/core/pose/digits';
import { BUILDS } from '@open-palm/core/pose/handBuild';
import type { Portrait } from '@open-palm/core/portrait';
import { AnswerFigure } from '../../drawing/figures/AnswerFigure';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { BowFigure } from '../../drawing/portrait/BowFigure';
import { GripPortrait } from '../../drawing/portrait/GripPortrait';
import { HandPicture } from '../../drawing/portrait/HandPicture';
import { OnPencil } from '../../drawing/portrait/onPencil';
import { WantedGrip } from '../../drawing/portrait/WantedGrip';
import { useNewest } from '../../drawing/portrait/useNewest';
import { askHanging } from '../../foundation/workers/askPortrait';
import { SKINS, type Skin } from '../../drawing/portrait/skin';
import type { StepFigure } from './buildingFigures';

const THUMB_BEND_DEG = 40;

/** A step of building the hold, drawn. */
export function StepDrawing({
  figure,
  hold,
  student,
  label,
}: {
  figure: StepFigure;
  hold: Hold;
  student: Pick<Student, 'side' | 'skinTone'>;
  label: string;
}) {
  const { side, skinTone } = student;
  const hand = { side, skinTone, label };
  switch (figure.kind) {
    case 'grip':
      return (
        <GripPortrait
          key={figure.parts.join()}
          label={label}
          {...(isThumbAlone(figure.parts) && hold.hand === 'over' ? { first: 'thumbSide' } : {})}
          numbers={{
            hold,
            side,
            skinTone,
            contacts: placed(hold, figure.parts),
            measures: {},
            verdicts: {},
            unseen: DIGITS.filter((digit) => !figure.parts.includes(digit)),
          }}
        />
      );
    case 'hanging':
      return <HangingHand {...hand} />;
    case 'palmUp':
    case 'turning':
      return <TurnedBow {...hand} hold={hold} isTurning={figure.kind === 'turning'} />;
    case 'playing':
      return <Playing {...hand} hold={hold} />;
    case 'thumb':
      return (
        <AnswerFigure
          measure="thumbIpFlexion"
          answer={THUMB_BEND_DEG}
          hold={hold}
          side={side}
          skinTone={skinTone}
        />
      );
    default:
      return (
        <Scene label={label} mirrored={side === 'left'}>
          <CarriedBow skin={SKINS[skinTone]} />
        </Scene>
      );
  }
}

interface Hand {
  side: Student['side'];
  skinTone: Student['skinTone'];
  label: string;
}

/** The thumb is seated where the fingers' side does not show it. */
const isThumbAlone = (parts: readonly string[]): boolean =>
  parts.length === 1 && parts[0] === 'thumb';

/** Contacts where the hold wants them, for what is in place already. */
function placed(hold: Hold, parts: readonly string[]): GripContacts {
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    fingers[finger] = parts.includes(finger)
      ? {
          xMm: hold.startingPlacesMm[finger],
          u: hold.startingDepthsU[finger],
          dMm: 0,
          touching: true,
        }
      : null;
  }
  return { thumbXMm: parts.includes('thumb') ? hold.startingPlacesMm.thumb : null, fingers };
}

function Scene({
  label,
  mirrored,
  children,
}: {
  label: string;
  mirrored: boolean;
  children: ReactNode;
}) {
  return (
    <Svg
      width="100%"
      viewBox={mirrored ? '-92 -60 158 120' : '-66 -60 158 120'}
      style={{ aspectRatio: 158 / 120 }}
      role="img"
      aria-label={label}
    >
      <G scaleX={mirrored ? -1 : 1}>{children}</G>
    </Svg>
  );
}

/** The arm hangs, the hand loose at its end, fingers a little curled. */
function HangingHand({ skinTone, side, label }: Hand) {
  const tokens = useTokens();
  const drawing = useNewest('hanging', JSON.stringify(BUILDS.grown), drawHanging);
  if (!drawing) return <Waiting label={label} />;
  const { width, height } = drawing;
  const [x, y] = [0.12 * width, 0.6 * height];
  return (
    <HandPicture drawing={drawing} skin={SKINS[skinTone]} mirrored={side === 'left'} label={label}>
      {[x, width - x].map((at, i) => (
        <Path
          key={at}
          d={`M${at} ${y - 160}q${i === 0 ? -90 : 90} 160 0 320`}
          fill="none"
          stroke={tokens.amber}
          strokeWidth={30}
          strokeLinecap="round"
        />
      ))}
    </HandPicture>
  );
}

const drawHanging = (build: string): Promise<Portrait> => askHanging(JSON.parse(build));

const useHeld = () => (useContext(OnPencil) ? 'pencil' : 'bow');

const Waiting = ({ label }: { label: string }) => (
  <View role="img" aria-label={label} style={{ aspectRatio: 150 / 118 }} />
);

/** The other hand round the stick, from behind it. */
function OtherHand({ x, skin }: { x: number; skin: Skin }) {
  return (
    <G>
      {[0, 9, 18, 27].map((at) => (
        <Rect
          key={at}
          x={x + at}
          y={-12}
          width={8.6}
          height={24}
          rx={4.3}
          fill={skin.behind}
          stroke={skin.line}
        />
      ))}
    </G>
  );
}

function CarriedBow({ skin }: { skin: Skin }) {
  const tokens = useTokens();
  return (
    <G>
      <BowFigure tokens={tokens} />
      <OtherHand x={50} skin={skin} />
    </G>
  );
}

/** Hair to the ceiling, the hand below it; turning shows the way back. */
function TurnedBow({ isTurning, ...hand }: Hand & { hold: Hold; isTurning: boolean }) {
  const tokens = useTokens();
  return (
    <WantedGrip
      {...hand}
      held={useHeld()}
      view={hand.hold.hand === 'over' ? 'thumbSide' : 'playerEye'}
      isTurnedOver
    >
      {isTurning ? (
        <G stroke={tokens.amber} strokeWidth={30} fill="none" strokeLinecap="round">
          <Path d="M1290 260a400 400 0 0 1 0 660" />
          <Path d="M1230 860l60 64 78-40" />
        </G>
      ) : null}
    </WantedGrip>
  );
}

/** The bow on a string, with the hand on it. */
function Playing(hand: Hand & { hold: Hold }) {
  const tokens = useTokens();
  return (
    <WantedGrip
      {...hand}
      held={useHeld()}
      view={hand.hold.hand === 'over' ? 'fingerSide' : 'playerEye'}
    >
      <Line x1={1330} y1={120} x2={1370} y2={1120} stroke={tokens.winding} strokeWidth={24} />
      <Circle cx={1352} cy={760} r={60} fill="none" stroke={tokens.amber} strokeWidth={24} />
    </WantedGrip>
  );
}
