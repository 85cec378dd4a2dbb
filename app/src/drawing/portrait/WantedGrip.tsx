import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { Side } from '@open-palm/core/measure';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { BUILDS } from '@open-palm/core/pose/handBuild';
import { NOTHING_MEASURED } from '@open-palm/core/pose/measuredGrip';
import type { GripOrder, PortraitView } from '@open-palm/core/portrait';
import { stationOf } from '@open-palm/core/portrait/views';
import { HandPicture } from './HandPicture';
import { SKINS } from './skin';
import { useGripDrawing } from './useGripDrawing';

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
  children,
}: {
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
  /** What it shows; without it the drawing is beside words that say so. */
  label?: string;
  view: PortraitView;
  held?: GripOrder['held'];
  /** How far up the stick the hand is, mm. */
  upMm?: number;
  detail?: GripOrder['detail'];
  /** Hair to the ceiling. */
  isTurnedOver?: boolean;
  children?: ReactNode;
}) {
  const order = useMemo<GripOrder>(
    () => ({
      hold: drawnHold(hold),
      grip: NOTHING_MEASURED,
      build: BUILDS.grown,
      view,
      held,
      upMm,
      detail,
      unseen: [],
      beside: null,
    }),
    [hold, view, held, upMm, detail],
  );
  const drawing = useGripDrawing(order);
  const { widthMm, heightMm } = stationOf(view, hold.hand);
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
      {...name}
    >
      {children}
    </HandPicture>
  );
}
