import { useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { BOW_SIZES } from '@open-palm/core/bow';
import { REFERENCE_MIDDLE_FINGER } from '@open-palm/core/hand';
import type { MeasureId } from '@open-palm/core/measure';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { buildOfHand } from '@open-palm/core/pose/handBuild';
import { DIGITS, type Digit } from '@open-palm/core/pose/digits';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import { supposedBends, unseenDigits } from '@open-palm/core/pose/measuredOf';
import type { GripDrawing, GripOrder } from '@open-palm/core/portrait';
import { stationOf, type PortraitView } from '@open-palm/core/portrait/views';
import { fightingWords } from '../../foundation/strings/fightingWords';
import { FlipView } from './FlipView';
import { GripMarks } from './GripMarks';
import { HandPicture } from './HandPicture';
import { OnPencil } from './onPencil';
import type { PortraitNumbers } from './portraitNumbers';
import { usePortraitView } from './portraitView';
import { SKINS } from '@open-palm/core/portrait/skins';
import { useGripDrawing } from './useGripDrawing';

const NONE: readonly Digit[] = [];

/** How a portrait is touched: what lies over its drawing in the place of its marks, and what it tells. */
export interface PortraitTouch {
  over: (drawing: GripDrawing, view: PortraitView) => ReactNode;
  /** It is looked at from here now. */
  onView: (view: PortraitView) => void;
  /** In the place of turning it. */
  onSwipe: (by: 1 | -1) => void;
}

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
  inQuestion,
  touch,
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
  /** Of the hand that the hold wants only these digits are laid over it. */
  inQuestion?: readonly Digit[];
  /** Its parts are touched. */
  touch?: PortraitTouch;
}) {
  const { hold, side, skinTone, contacts, measures, verdicts, unseen, bowSize, middleFingerMm } =
    numbers;
  const { pose } = numbers;
  const [kept, keep] = usePortraitView(hold.hand);
  const [here, setHere] = useState(first);
  const view = fixed ?? here ?? kept;
  const turn = (next: PortraitView) => (here ? setHere(next) : keep(next));
  const onView = touch?.onView;
  useEffect(() => onView?.(view), [onView, view]);
  const [isWanted, setIsWanted] = useState(false);
  const held = useContext(OnPencil) ? 'pencil' : 'bow';
  const seen = useMemo(
    () => Object.keys({ ...measures, ...verdicts }) as MeasureId[],
    [measures, verdicts],
  );
  const order = useMemo<GripOrder>(
    () => ({
      hold: drawnHold(hold, BOW_SIZES[bowSize ?? '4/4']),
      grip: { contacts, measures },
      build: buildOfHand(middleFingerMm ?? REFERENCE_MIDDLE_FINGER.mm),
      view,
      held,
      upMm: 0,
      detail: 'portrait',
      unseen: unseen ?? unseenDigits(contacts, seen),
      beside: over ?? (isWanted ? 'target' : null),
      ...(inQuestion && !over ? { besideOnly: inQuestion } : {}),
      ...(pose ? { pose } : {}),
    }),
    [
      hold,
      contacts,
      measures,
      seen,
      unseen,
      bowSize,
      middleFingerMm,
      view,
      over,
      isWanted,
      held,
      inQuestion,
      pose,
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
      {touch ? null : (
        <GripMarks
          drawing={drawing}
          unseen={order.unseen}
          supposed={unseen ? NONE : supposedBends(order.unseen, seen)}
          verdicts={verdicts}
          mirrored={side === 'left'}
        />
      )}
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
      hand={hold.hand}
      onTurn={turn}
      isWanted={isWanted}
      onWanted={over || isCompact ? undefined : () => setIsWanted(!isWanted)}
      caption={caption}
      isCompact={isCompact}
      note={drawing && drawing.fighting.length > 0 ? fightingWords(drawing.fighting) : null}
      {...(touch ? { onSwipe: touch.onSwipe } : {})}
    >
      {touch ? (
        <View>
          {picture}
          {drawing ? touch.over(drawing, view) : null}
        </View>
      ) : (
        picture
      )}
    </FlipView>
  );
}
