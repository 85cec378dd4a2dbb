import type { Knex } from 'knex';
import type { PaperTerm, Student } from '@open-palm/contract';
import type { MeasuredGrip } from '@open-palm/core/pose';
import { GripDrawer, pathsOf, type PortraitPaths } from '@open-palm/core/portrait';
import { measuredOrder } from '@open-palm/core/portrait/portraitOrder';
import { handOnPaper } from './handOnPaper';

/** A hold at the two ends of a term, drawn; null where the page leaves them out. */
export interface DrawnTerm extends Pick<Student, 'side' | 'skinTone'> {
  hands: { then: PortraitPaths; now: PortraitPaths } | null;
}

/**
 * Draws the hands of a page of a term.
 *
 * @throws Problem `notFound` for an unknown student or instrument
 */
export async function drawTerm(
  db: Knex,
  page: Pick<PaperTerm, 'studentId' | 'setupId' | 'view' | 'hands'>,
): Promise<DrawnTerm> {
  const hand = await handOnPaper(db, page);
  const { side, skinTone } = hand;
  const { view, hands } = page;
  if (view === null || hands === null) return { side, skinTone, hands: null };
  const drawer = new GripDrawer();
  const draw = (grip: MeasuredGrip) => pathsOf(drawer.draw(measuredOrder(hand.drawn, view, grip)));
  return {
    side,
    skinTone,
    hands: { then: draw(hands.then as MeasuredGrip), now: draw(hands.now as MeasuredGrip) },
  };
}
