import type { Knex } from 'knex';
import type { Student } from '@open-palm/contract';
import { drawBare, GripDrawer, pathsOf, type PortraitPaths } from '@open-palm/core/portrait';
import { drillScene, type DrillScene } from '@open-palm/core/portrait/drills';
import { wantedOrder } from '@open-palm/core/portrait/portraitOrder';
import { handOnPaper } from './handOnPaper';

/** A drill as it is painted. */
export interface DrawnDrill extends Pick<DrillScene, 'marks' | 'isTurnedOver'> {
  paths: PortraitPaths;
}

/** The drawings of a card. */
export interface DrawnCard extends Pick<Student, 'side' | 'skinTone'> {
  wanted: PortraitPaths[];
  drills: Map<string, DrawnDrill>;
}

/**
 * Draws a student's drills, and the hold that is wanted.
 *
 * @throws Problem `notFound` for an unknown student or instrument
 */
export async function drawCard(
  db: Knex,
  of: { studentId: string; setupId: string },
  drills: readonly string[],
): Promise<DrawnCard> {
  const hand = await handOnPaper(db, of);
  const drawer = new GripDrawer();
  const wanted = (['playerEye', 'thumbSide'] as const).map((view) =>
    pathsOf(drawer.draw(wantedOrder(hand.drawn, view))),
  );
  const scenes = [...new Set(drills)].flatMap((drill) => {
    const scene = drillScene(drill, hand.hold, hand.drawn);
    return scene ? [[drill, paintable(scene, drawer)] as const] : [];
  });
  return { side: hand.side, skinTone: hand.skinTone, wanted, drills: new Map(scenes) };
}

const paintable = ({ order, marks, isTurnedOver }: DrillScene, drawer: GripDrawer): DrawnDrill => ({
  marks,
  isTurnedOver,
  paths: order.kind === 'grip' ? pathsOf(drawer.draw(order.order)) : drawBare(order.order),
});
