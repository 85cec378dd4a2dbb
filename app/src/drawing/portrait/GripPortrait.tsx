import { useContext, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { G } from 'react-native-svg';
import { BOW_SIZES } from '@open-palm/core/bow';
import { FINGERS, REFERENCE_MIDDLE_FINGER } from '@open-palm/core/hand';
import type { MeasureId } from '@open-palm/core/measure';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { buildOfHand } from '@open-palm/core/pose/handBuild';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import { unseenDigits } from '@open-palm/core/pose/measuredOf';
import type { GripDrawing, GripOrder } from '@open-palm/core/portrait';
import { stationOf, type PortraitView } from '@open-palm/core/portrait/views';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import { FlipView } from './FlipView';
import { PER_MM } from './DrawnHand';
import { HandPicture } from './HandPicture';
import { OnPencil } from './onPencil';
import { PortraitMark } from './PortraitMark';
import { markState, type PortraitNumbers } from './portraitNumbers';
import { usePortraitView } from './portraitView';
import { SKINS } from './skin';
import { useGripDrawing } from './useGripDrawing';

const DIGITS = [...FINGERS, 'thumb'] as const;

/**
 * The grip portrait: a hold drawn from its numbers, from the side that is chosen on this device. What was not seen is paler and dashed.
 */
export function GripPortrait({
  numbers,
  label,
  over = null,
  caption = null,
  isCompact = false,
  view: fixed,
  first,
}: {
  numbers: PortraitNumbers;
  /** What the figure shows, for those who cannot see it. */
  label: string;
  /** Another hand laid over this one in lines: an earlier one, or where the hold wants it. */
  over?: MeasuredGrip | 'target' | null;
  /** What stands under it. */
  caption?: ReactNode;
  /** Half a phone wide. */
  isCompact?: boolean;
  /** Looked at from here, and not to be turned. */
  view?: PortraitView;
  /** Looked at from here first, whatever was chosen elsewhere. */
  first?: PortraitView;
}) {
  const { hold, side, skinTone, contacts, measures, verdicts, unseen, bowSize, middleFingerMm } =
    numbers;
  const [kept, keep] = usePortraitView(hold.hand);
  const [here, setHere] = useState(first);
  const view = fixed ?? here ?? kept;
  const turn = (next: PortraitView) => (here ? setHere(next) : keep(next));
  const [isWanted, setIsWanted] = useState(false);
  const held = useContext(OnPencil) ? 'pencil' : 'bow';
  const order = useMemo<GripOrder>(
    () => ({
      hold: drawnHold(hold, BOW_SIZES[bowSize ?? '4/4']),
      grip: { contacts, measures },
      build: buildOfHand(middleFingerMm ?? REFERENCE_MIDDLE_FINGER.mm),
      view,
      held,
      upMm: 0,
      detail: 'portrait',
      unseen:
        unseen ?? unseenDigits(contacts, Object.keys({ ...measures, ...verdicts }) as MeasureId[]),
      beside: over ?? (isWanted ? 'target' : null),
    }),
    [
      hold,
      contacts,
      measures,
      verdicts,
      unseen,
      bowSize,
      middleFingerMm,
      view,
      over,
      isWanted,
      held,
    ],
  );
  const drawing = useGripDrawing(order);
  const { widthMm, heightMm } = stationOf(view, hold.hand);
  const picture = drawing ? (
    <HandPicture
      drawing={drawing}
      skin={SKINS[skinTone]}
      mirrored={side === 'left'}
      label={label}
      isUnseen={order.unseen.length === DIGITS.length}
    >
      <Marks
        drawing={drawing}
        unseen={order.unseen}
        verdicts={verdicts}
        mirrored={side === 'left'}
      />
    </HandPicture>
  ) : (
    <View
      role="img"
      aria-label={label}
      testID="drawing-waits"
      style={{ aspectRatio: widthMm / heightMm }}
    />
  );
  return fixed ? (
    picture
  ) : (
    <FlipView
      view={view}
      onTurn={turn}
      isWanted={isWanted}
      onWanted={over || isCompact ? undefined : () => setIsWanted(!isWanted)}
      caption={caption}
      isCompact={isCompact}
    >
      {picture}
    </FlipView>
  );
}

/** Where each digit touches, its state by shape; what lies behind is a ring. */
function Marks({
  drawing: { width, marks },
  unseen,
  verdicts,
  mirrored,
}: {
  drawing: GripDrawing;
  unseen: GripOrder['unseen'];
  verdicts: PortraitNumbers['verdicts'];
  mirrored: boolean;
}) {
  const tokens = useTokens();
  // What lies behind is drawn first, so that it is covered where marks meet.
  const inOrder = [...DIGITS].sort((a, b) => Number(marks[b].isBehind) - Number(marks[a].isBehind));
  return (
    <G scale={PER_MM} color={tokens.ink}>
      {inOrder.map((digit) => {
        const { x, y, isBehind } = marks[digit];
        return (
          <PortraitMark
            key={digit}
            x={(mirrored ? width - x : x) / PER_MM}
            y={y / PER_MM}
            state={markState(verdicts, digit, !unseen.includes(digit))}
            text={digit === 'thumb' ? strings.portrait.thumb : String(FINGERS.indexOf(digit) + 1)}
            isBehind={isBehind}
          />
        );
      })}
    </G>
  );
}
