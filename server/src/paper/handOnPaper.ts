import type { Knex } from 'knex';
import type { Student } from '@open-palm/contract';
import { BOW_SIZES } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import { buildOfHand, drawnHold } from '@open-palm/core/pose';
import type { GripOrder } from '@open-palm/core/portrait';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { findHold as holdAmong } from '@open-palm/records/holds';
import { findStudent } from '../features/students/repo';
import { notFound } from '../problem';
import { latestHolds } from '../references/repo';

/** A student's hand on one instrument, as it is drawn on paper. */
export interface HandOnPaper extends Pick<Student, 'side' | 'skinTone'> {
  hold: Hold;
  drawn: Pick<GripOrder, 'hold' | 'build'>;
}

/**
 * Finds what a student's hand is drawn from.
 *
 * @throws Problem `notFound` for an unknown student or instrument
 */
export async function handOnPaper(
  db: Knex,
  { studentId, setupId }: { studentId: string; setupId: string },
): Promise<HandOnPaper> {
  const student = await findStudent(db, studentId);
  if (!student) throw notFound('student', 'studentId');
  const setup = student.setups.find(({ id }) => id === setupId);
  if (!setup) throw notFound('instrument of this student', 'setupId');
  const taught = holdAmong(setup.holdId, await latestHolds(db));
  const { hold, hand } = gripFacts(gripOf(student, setup, taught, null), taught, null);
  return {
    side: student.side,
    skinTone: student.skinTone,
    hold,
    drawn: {
      hold: drawnHold(hold, BOW_SIZES[setup.bowSize]),
      build: buildOfHand(hand.middleFinger.mm),
    },
  };
}
