import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { Side } from '@open-palm/core/measure';
import { NOTHING_MEASURED, type MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import type { GripOrder } from '@open-palm/core/portrait';
import { stationOf } from '@open-palm/core/portrait/views';
import { HandPicture } from './HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';
import { wantedOrder } from './wantedOrder';
import { useGripDrawing } from './useGripDrawing';

/** On whose hand a hold is shown. */
export interface WantedHand {
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
}

/** A hold as it is wanted, seen from one side, with something drawn over it in tenths of a millimetre. */
export function WantedGrip({
  hold,
  side,
  skinTone,
  label,
  view,
  held = 'bow',
  upMm = 0,
  detail = 'portrait',
  isTurnedOver = false,
  isOther = false,
  grip = NOTHING_MEASURED,
  onBow,
  behind,
  children,
}: WantedHand & {
  /** What it shows; without it the drawing is beside words that say so. */
  label?: string;
  view: GripOrder['view'];
  held?: GripOrder['held'];
  /** How far up the stick the hand is, mm. */
  upMm?: number;
  detail?: GripOrder['detail'];
  /** Hair to the ceiling. */
  isTurnedOver?: boolean;
  /** The other hand in its place. */
  isOther?: boolean;
  /** Held otherwise than the hold wants it. */
  grip?: MeasuredGrip;
  /** Drawn before the hand and what it holds, so that both lie over it. */
  behind?: ReactNode;
  /** Drawn on the bow, and not where the hand lies before it. */
  onBow?: ReactNode;
  children?: ReactNode;
}) {
  const order = useMemo(
    () => wantedOrder(hold, { grip, view, held, upMm, detail, isOther }),
    [hold, grip, view, held, upMm, detail, isOther],
  );
  const drawing = useGripDrawing(order);
  const { widthMm, heightMm } = typeof view === 'string' ? stationOf(view, hold.hand) : view;
  const name = label === undefined ? {} : { label };
  if (!drawing) {
    return (
      <View
        {...(label === undefined ? {} : { role: 'img' as const, 'aria-label': label })}
        style={{ width: '100%', aspectRatio: widthMm / heightMm }}
      />
    );
  }
  return (
    <HandPicture
      drawing={drawing}
      skin={SKINS[skinTone]}
      mirrored={side === 'left'}
      isTurnedOver={isTurnedOver}
      bold={detail === 'badge'}
      onBow={onBow}
      behind={behind}
      {...name}
    >
      {children}
    </HandPicture>
  );
}
