import { useContext } from 'react';
import { View } from 'react-native';
import { Circle, G, Line, Path } from 'react-native-svg';
import type { Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { NOTHING_MEASURED } from '@open-palm/core/pose/measuredGrip';
import type { Station } from '@open-palm/core/portrait';
import { seenAt } from '@open-palm/core/portrait/seenAt';
import { stationOf } from '@open-palm/core/portrait/views';
import { DIGITS } from '@open-palm/core/pose/digits';
import { AnswerFigure } from '../../drawing/figures/AnswerFigure';
import { HANGING } from '@open-palm/core/portrait/bareDetail';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { GripPortrait } from '../../drawing/portrait/GripPortrait';
import { HandPicture } from '../../drawing/portrait/HandPicture';
import { OnPencil } from '../../drawing/portrait/onPencil';
import { WantedGrip } from '../../drawing/portrait/WantedGrip';
import { useBareDrawing } from '../../drawing/portrait/useBareDrawing';
import { SKINS } from '@open-palm/core/portrait/skins';
import type { StepFigure } from './buildingFigures';

const THUMB_BEND_DEG = 40;

/** The other hand carries the bow this far up the stick, mm, and is seen with the frog. */
const CARRIED_UP_MM = 95;
const CARRIED: Station = { toward: [0, 0.06, 1], at: [-46, 8, 0], widthMm: 230, heightMm: 181 };

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
  const held = useHeld();
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
            contacts: NOTHING_MEASURED.contacts,
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
        <WantedGrip {...hand} hold={hold} view={CARRIED} held={held} upMm={CARRIED_UP_MM} isOther />
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

/** The arm hangs, the hand loose at its end, fingers a little curled. */
function HangingHand({ skinTone, side, label }: Hand) {
  const tokens = useTokens();
  const drawing = useBareDrawing(HANGING);
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

const useHeld = () => (useContext(OnPencil) ? 'pencil' : 'bow');

const Waiting = ({ label }: { label: string }) => (
  <View role="img" aria-label={label} style={{ aspectRatio: 150 / 118 }} />
);

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

/** Where the bow meets its string beside the hand, mm along the stick. */
const STRING_MM: Record<Hold['hand'], number> = { over: 62, under: 40 };

/** The bow on a string, with the hand on it. */
function Playing(hand: Hand & { hold: Hold }) {
  const tokens = useTokens();
  const kind = hand.hold.hand;
  const station = stationOf('fingerSide', kind);
  const at = (y: number) => {
    const { x, y: down } = seenAt(station, [STRING_MM[kind], y, 0]);
    return { x: hand.side === 'left' ? 10 * station.widthMm - x : x, y: down };
  };
  const [top, bottom, hair] = [at(34), at(-60), at(-18)];
  return (
    <WantedGrip {...hand} held={useHeld()} view="fingerSide">
      <Line
        x1={top.x}
        y1={top.y}
        x2={bottom.x}
        y2={bottom.y}
        stroke={tokens.winding}
        strokeWidth={24}
      />
      <Circle cx={hair.x} cy={hair.y} r={60} fill="none" stroke={tokens.amber} strokeWidth={24} />
    </WantedGrip>
  );
}
