import { useMemo } from 'react';
import { BOW_SIZES, type BowSize } from '@open-palm/core/bow';
import type { HandOnBow } from '@open-palm/core/balance';
import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import { drawnHold } from '@open-palm/core/pose/drawnHold';
import { buildOfHand } from '@open-palm/core/pose/handBuild';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import type { GripDrawing, GripOrder } from '@open-palm/core/portrait';
import { useCoarseWhileMoving, useGripDrawing } from '../../drawing/portrait/useGripDrawing';

/** How far above the stick a finger is drawn that is off the bow, mm. */
const LIFTED_MM = 22;

/** What of the hand's plane is shown where it is drawn close by, mm: x to the tip, y away from the hair. */
export const FRAME = { top: -62, width: 134, height: 122 };
/** An under-hand hold reaches back to the button. */
export const LEFT: Readonly<Record<Hold['hand'], number>> = { over: -68, under: -94 };

/** What of a student's hand is the same wherever its contacts are tried. */
export interface SeenHand {
  /** How deep the fingers were last seen. */
  contacts: GripContacts;
  measures: MeasuredGrip['measures'];
  bowSize: BowSize;
  middleFingerMm: number;
}

/** Measures of a hand that stay when a contact is moved along the stick. */
const STAYS = /Flexion$|^wrist|^handLean$/;

/** A lever's hand to be drawn: each finger where it is tried, as deep as it was seen to be. */
function handOrder(
  hold: Hold,
  { placesMm }: HandOnBow,
  { contacts, measures, bowSize, middleFingerMm }: SeenHand,
  upMm: number,
): GripOrder {
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    const at = placesMm[finger];
    fingers[finger] = {
      xMm: at === undefined ? hold.startingPlacesMm[finger] : at - upMm,
      u: contacts.fingers[finger]?.u ?? hold.startingDepthsU[finger],
      dMm: at === undefined ? -LIFTED_MM : 0,
      touching: at !== undefined,
    };
  }
  const stay = Object.entries(measures).filter(([id]) => STAYS.test(id));
  return {
    hold: drawnHold(hold, BOW_SIZES[bowSize]),
    grip: {
      contacts: { thumbXMm: placesMm.thumb - upMm, fingers },
      measures: Object.fromEntries(stay),
    },
    build: buildOfHand(middleFingerMm),
    view: {
      toward: [0, 0, 1],
      at: [LEFT[hold.hand] + FRAME.width / 2, -FRAME.top - FRAME.height / 2, 0],
      widthMm: FRAME.width,
      heightMm: FRAME.height,
    },
    held: 'bow',
    upMm,
    detail: 'portrait',
    unseen: [],
    beside: null,
  };
}

/** A lever's hand, drawn; coarser while it is moved. */
export function useDrawnLever(
  hold: Hold,
  hand: HandOnBow,
  seen: SeenHand,
  upMm: number,
): GripDrawing | null {
  const order = useMemo(() => handOrder(hold, hand, seen, upMm), [hold, hand, seen, upMm]);
  return useGripDrawing(useCoarseWhileMoving(order));
}
