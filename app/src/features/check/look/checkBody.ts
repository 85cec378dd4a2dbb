import type { CheckInput, Grip, HandFile } from '@open-palm/contract';
import { DERIVED_CODE } from '@open-palm/core/derivedCode';
import type { Look, MergedMeasure, PlacedCapture } from '@open-palm/core/measure';
import type { LookState } from './lookState';

/**
 * A look as it is sent to the studio.
 *
 * @param told what the teacher was told of it: it stays as it was said
 */
export const checkBody = (
  { student, setupId }: Pick<HandFile, 'student' | 'setupId'>,
  grip: Grip,
  state: LookState,
  look: Look & { captures: PlacedCapture[] },
  takenAt: Date,
  told: readonly MergedMeasure[],
): CheckInput => ({
  studentId: student.id,
  setupId,
  takenAt: takenAt.toISOString(),
  context: state.context,
  grip,
  captures: look.captures.map((capture, i) => ({
    ...capture,
    id: state.shots[i]!.id,
    pictureId: state.shots[i]!.picture.id,
    place: capture.place ?? null,
  })),
  taps: [...state.taps],
  signs: state.signs,
  readiness: state.readiness,
  told: { code: DERIVED_CODE, measures: [...told] },
});
