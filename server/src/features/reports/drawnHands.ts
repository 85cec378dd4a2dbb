import type { Knex } from 'knex';
import type { Student } from '@open-palm/contract';
import { BOW_SIZES } from '@open-palm/core/bow';
import { buildOfHand, drawnHold, unseenDigits } from '@open-palm/core/pose';
import {
  GripDrawer,
  pathsOf,
  type GripOrder,
  type PortraitPaths,
  type PortraitView,
} from '@open-palm/core/portrait';
import { wantedOrder } from '@open-palm/core/portrait/portraitOrder';
import { gripFacts } from '@open-palm/records/grip';
import { holdOf } from '../../references/holdOf';
import { drawnLook } from './repo';

/** From where a hand is drawn on paper: as teachers look at it. */
const VIEWS: Record<'over' | 'under', readonly PortraitView[]> = {
  over: ['fingerSide', 'thumbSide'],
  under: ['playerEye', 'thumbSide'],
};

/** The hand of a look and the hand that its hold wants, each from the same sides. */
export interface DrawnHands extends Pick<Student, 'side' | 'skinTone'> {
  seen: PortraitPaths[];
  wanted: PortraitPaths[];
}

/** Draws the hands of a report; null where the hold of the look is not here. */
export async function drawHands(db: Knex, checkId: string): Promise<DrawnHands | null> {
  const { grip, contacts, pose, seen, student } = await drawnLook(db, checkId);
  const taught = await holdOf(db, grip.holdId, grip.holdVersion);
  if (!taught) return null;
  const { hold, hand } = gripFacts(grip, taught, null);
  const drawer = new GripDrawer();
  const drawn = {
    hold: drawnHold(hold, BOW_SIZES[grip.bowSize]),
    build: buildOfHand(hand.middleFinger.mm),
  };
  const draw = (more: Partial<GripOrder>) =>
    VIEWS[hold.hand].map((view) => pathsOf(drawer.draw({ ...wantedOrder(drawn, view), ...more })));
  return {
    ...student,
    seen: draw({
      grip: { contacts, measures: {} },
      unseen: unseenDigits(contacts, seen),
      ...(pose ? { pose } : {}),
    }),
    wanted: draw({}),
  };
}
