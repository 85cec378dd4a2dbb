import { useMemo } from 'react';
import Svg, { Ellipse, G } from 'react-native-svg';
import type { SkinTone } from '@open-palm/contract';
import { FINGERS, type Finger } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type {
  GripContacts,
  MeasureId,
  MergedMeasure,
  Side,
  Verdict,
} from '@open-palm/core/measure';
import type { MarkState } from '../../foundation/kit/StateMark';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import type { DrawnFinger } from './gripFigure';
import { figureOfHold } from './figureOfHold';
import { HandOutline } from './HandOutline';
import { HandOnStick } from './HandOnStick';
import { PortraitMark } from './PortraitMark';
import { SKINS } from './skin';
import { verdictMark } from '../../foundation/kit/StateMark';

/** What of the figure's plane is shown, mm. */
const FRAME = { left: -66, top: -72, width: 132, height: 126 };

/** Room below the lowest fingertip, mm. */
const BELOW_TIP_MM = 9;

/** The measure whose verdict a finger's mark carries. */
const MARK_MEASURES: Record<Finger | 'thumb', readonly MeasureId[]> = {
  thumb: ['thumbIpFlexion', 'thumbPlace'],
  index: ['indexDepth'],
  middle: ['middleDepth'],
  ring: ['ringDepth'],
  little: ['littlePlace', 'littlePipFlexion'],
};

export interface PortraitNumbers {
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
  contacts: GripContacts;
  thumbIpFlexionDeg: number | null;
  verdicts: Partial<Record<MeasureId, Verdict>>;
}

/** What of a portrait's numbers comes from the measures. */
export function shownBy(
  measures: readonly Pick<MergedMeasure, 'measure'>[],
): Pick<PortraitNumbers, 'thumbIpFlexionDeg' | 'verdicts'> {
  const shown = measures.map(({ measure }) => measure);
  const thumb = shown.find(({ id }) => id === 'thumbIpFlexion');
  return {
    thumbIpFlexionDeg: thumb?.kind === 'number' ? thumb.value : null,
    verdicts: Object.fromEntries(shown.map(({ id, verdict }) => [id, verdict])),
  };
}

/**
 * The grip portrait: a hold drawn from its numbers, as seen from the finger side. A right hand has the bow's tip to
 * the right, a left hand mirrors it. What was not seen is dotted; thin outlines are where the hold wants the fingers.
 */
export function GripPortrait({
  numbers,
  label,
  badge = false,
  over,
}: {
  numbers: PortraitNumbers;
  /** What the figure shows, for those who cannot see it. */
  label: string;
  /** The small form for lists: the figure without its marks. */
  badge?: boolean;
  /** An earlier hold, laid over this one in dashed outlines. */
  over?: Pick<PortraitNumbers, 'contacts' | 'thumbIpFlexionDeg'>;
}) {
  const tokens = useTokens();
  const skin = SKINS[numbers.skinTone];
  const figure = useMemo(
    () => figureOfHold(numbers.hold, numbers.contacts, numbers.thumbIpFlexionDeg),
    [numbers.hold, numbers.contacts, numbers.thumbIpFlexionDeg],
  );
  const isOver = numbers.hold.hand === 'over';
  const mirrored = numbers.side === 'left';
  const anySeen = FINGERS.some((finger) => figure.fingers[finger].seen);
  const lowest = Math.max(
    ...FINGERS.map((finger) => figure.fingers[finger].joints.at(-1)!.y),
    // The thumb's mark sits at its last joint.
    figure.thumb.joints.at(-2)!.y,
  );
  const frame = {
    ...FRAME,
    ...(badge ? { left: -58, width: 118 } : {}),
    // A deep hold hangs further down.
    height: Math.max(FRAME.height, lowest + BELOW_TIP_MM - FRAME.top),
  };
  const viewBox = mirrored
    ? `${-frame.left - frame.width} ${frame.top} ${frame.width} ${frame.height}`
    : `${frame.left} ${frame.top} ${frame.width} ${frame.height}`;
  return (
    <Svg
      width="100%"
      viewBox={viewBox}
      style={{ aspectRatio: frame.width / frame.height }}
      role="img"
      aria-label={label}
    >
      <G scaleX={mirrored ? -1 : 1}>
        <HandOnStick
          figure={figure}
          skin={skin}
          bow={numbers.hold.bow}
          isOver={isOver}
          seen={anySeen}
          bold={badge}
        >
          {badge || !isOver ? null : (
            <Targets hold={numbers.hold} fingers={figure.fingers} color={tokens.ink} />
          )}
        </HandOnStick>
        {over ? <HandOutline hold={numbers.hold} {...over} color={tokens.ink} /> : null}
      </G>
      {badge
        ? null
        : ([...FINGERS, 'thumb'] as const).map((name, i) => {
            const drawn = name === 'thumb' ? figure.thumb : figure.fingers[name];
            const at = name === 'thumb' ? drawn.joints.at(-2)! : drawn.contact;
            return (
              <PortraitMark
                key={name}
                x={mirrored ? -at.x : at.x}
                y={at.y}
                state={markState(numbers.verdicts, name, drawn.seen)}
                text={name === 'thumb' ? strings.portrait.thumb : String(i + 1)}
              />
            );
          })}
    </Svg>
  );
}

function markState(
  verdicts: PortraitNumbers['verdicts'],
  name: Finger | 'thumb',
  seen: boolean,
): MarkState {
  const found = MARK_MEASURES[name].map((id) => verdicts[id]).find((v) => v !== undefined);
  if (found) return verdictMark(found);
  return seen ? 'none' : 'notSeen';
}

/** Thin outlines where the hold wants the fingers; shown where the hand is elsewhere. */
function Targets({
  hold,
  fingers,
  color,
}: {
  hold: Hold;
  fingers: Record<Finger, DrawnFinger>;
  color: string;
}) {
  return (
    <G>
      {FINGERS.filter(
        (finger) => Math.abs(fingers[finger].contact.x - hold.startingPlacesMm[finger]) > 4,
      ).map((finger) => (
        <Ellipse
          key={finger}
          cx={hold.startingPlacesMm[finger]}
          cy={0}
          rx={7.5}
          ry={10}
          fill="none"
          stroke={color}
          strokeWidth={0.7}
          opacity={0.55}
        />
      ))}
    </G>
  );
}
