import type { ReactNode } from 'react';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Student } from '@open-palm/contract';
import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import { AnswerFigure } from '../../drawing/figures/AnswerFigure';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { BowFigure } from '../../drawing/portrait/BowFigure';
import { GripPortrait } from '../../drawing/portrait/GripPortrait';
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
  const skin = SKINS[skinTone];
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
          }}
        />
      );
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
          <SceneContent kind={figure.kind} skin={skin} />
        </Scene>
      );
  }
}

function SceneContent({
  kind,
  skin,
}: {
  kind: Exclude<StepFigure['kind'], 'grip' | 'thumb'>;
  skin: Skin;
}) {
  switch (kind) {
    case 'hanging':
      return <HangingHand skin={skin} />;
    case 'carried':
      return <CarriedBow skin={skin} />;
    case 'palmUp':
    case 'turning':
      return <TurnedBow skin={skin} turning={kind === 'turning'} />;
    case 'playing':
      return <Playing skin={skin} />;
  }
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
function HangingHand({ skin }: { skin: Skin }) {
  const tokens = useTokens();
  const fingers = ['M2 4Q0 24 6 38', 'M10 6Q9 28 14 44', 'M18 6Q18 28 22 43', 'M26 4Q27 22 29 36'];
  return (
    <G>
      <Path
        d="M4 -62Q4 -34 -2 -12Q-4 2 4 8H24Q34 2 30 -14Q26 -34 28 -62Z"
        fill={skin.fill}
        stroke={skin.line}
        strokeWidth={1.2}
      />
      {[...fingers, 'M-1 -10Q-14 2 -10 18'].map((d) => (
        <G key={d} fill="none" strokeLinecap="round">
          <Path d={d} stroke={skin.line} strokeWidth={10.4} />
          <Path d={d} stroke={skin.fill} strokeWidth={8} />
        </G>
      ))}
      {[-34, 62].map((x, i) => (
        <Path
          key={x}
          d={i === 0 ? `M${x} -6q-8 14 0 28` : `M${x} -6q8 14 0 28`}
          fill="none"
          stroke={tokens.amber}
          strokeWidth={3}
          strokeLinecap="round"
        />
      ))}
    </G>
  );
}

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

/** Hair to the ceiling, the open hand below it; turning shows the way back. */
function TurnedBow({ skin, turning }: { skin: Skin; turning: boolean }) {
  const tokens = useTokens();
  return (
    <G>
      <Path
        d="M-58 42Q-30 20 -10 22H34Q50 24 40 36Q20 48 -58 58Z"
        fill={skin.fill}
        stroke={skin.line}
        strokeWidth={1.2}
      />
      <G scaleY={-1} y={8}>
        <BowFigure tokens={tokens} />
      </G>
      {[-18, -2, 14, 30].map((x) => (
        <Path
          key={x}
          d={`M${x} 30Q${x + 2} 4 ${x + 8} 6`}
          fill="none"
          stroke={skin.line}
          strokeWidth={9}
          strokeLinecap="round"
        />
      ))}
      {[-18, -2, 14, 30].map((x) => (
        <Path
          key={`${x} fill`}
          d={`M${x} 30Q${x + 2} 4 ${x + 8} 6`}
          fill="none"
          stroke={skin.fill}
          strokeWidth={7}
          strokeLinecap="round"
        />
      ))}
      {turning ? (
        <G stroke={tokens.amber} strokeWidth={3} fill="none" strokeLinecap="round">
          <Path d="M66 -40A34 34 0 0 1 66 36" />
          <Path d="M60 30L65 37L73 33" />
        </G>
      ) : null}
    </G>
  );
}

/** The bow on a string, with the hand on it. */
function Playing({ skin }: { skin: Skin }) {
  const tokens = useTokens();
  return (
    <G>
      <Line x1={62} y1={-60} x2={66} y2={60} stroke={tokens.winding} strokeWidth={2.4} />
      <BowFigure tokens={tokens} />
      {[-34, -18, -4, 14].map((x) => (
        <Rect
          key={x}
          x={x}
          y={-32}
          width={13}
          height={44}
          rx={6.5}
          fill={skin.fill}
          stroke={skin.line}
        />
      ))}
      <Circle cx={64} cy={18} r={5} fill="none" stroke={tokens.amber} strokeWidth={2.4} />
    </G>
  );
}
