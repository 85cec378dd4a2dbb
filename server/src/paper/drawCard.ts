import type { Knex } from 'knex';
import type { Student } from '@open-palm/contract';
import { BOW_SIZES } from '@open-palm/core/bow';
import { buildOfHand, drawnHold, NOTHING_MEASURED } from '@open-palm/core/pose';
import { drawBare, GripDrawer, pathsOf, type PortraitPaths } from '@open-palm/core/portrait';
import { drillScene, type DrillScene } from '@open-palm/core/portrait/drills';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { findHold as holdAmong } from '@open-palm/records/holds';
import { findStudent } from '../features/students/repo';
import { notFound } from '../problem';
import { latestHolds } from '../references/repo';

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
  { studentId, setupId }: { studentId: string; setupId: string },
  drills: readonly string[],
): Promise<DrawnCard> {
  const student = await findStudent(db, studentId);
  if (!student) throw notFound('student', 'studentId');
  const setup = student.setups.find(({ id }) => id === setupId);
  if (!setup) throw notFound('instrument of this student', 'setupId');
  const taught = holdAmong(setup.holdId, await latestHolds(db));
  const { hold, hand } = gripFacts(gripOf(student, setup, taught, null), taught, null);
  const drawn = {
    hold: drawnHold(hold, BOW_SIZES[setup.bowSize]),
    build: buildOfHand(hand.middleFinger.mm),
  };
  const drawer = new GripDrawer();
  const wanted = (['playerEye', 'thumbSide'] as const).map((view) =>
    pathsOf(
      drawer.draw({
        ...drawn,
        grip: NOTHING_MEASURED,
        view,
        held: 'bow',
        upMm: 0,
        detail: 'portrait',
        unseen: [],
        beside: null,
      }),
    ),
  );
  const scenes = [...new Set(drills)].flatMap((drill) => {
    const scene = drillScene(drill, hold, drawn);
    return scene ? [[drill, paintable(scene, drawer)] as const] : [];
  });
  return { side: student.side, skinTone: student.skinTone, wanted, drills: new Map(scenes) };
}

const paintable = ({ order, marks, isTurnedOver }: DrillScene, drawer: GripDrawer): DrawnDrill => ({
  marks,
  isTurnedOver,
  paths: order.kind === 'grip' ? pathsOf(drawer.draw(order.order)) : drawBare(order.order),
});
