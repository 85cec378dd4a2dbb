import { useMemo } from 'react';
import type { HandFile } from '@open-palm/contract';
import { frogLengthOf, gripFacts, gripOf } from '@open-palm/records/grip';
import { findHold } from '@open-palm/records/holds';
import { studioNow } from '../../../foundation/api/clock';
import { lookOf, type LookState } from './lookState';
import { useLessonStart } from './useLessonStart';

/** What a look is judged by: the student's hold, hand and bow, the look itself, and how the lesson began. */
export function useLookFacts(handFile: HandFile, state: LookState) {
  const { student, setupId, ownHolds, relaxedHand } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const grip = useMemo(
    () => gripOf(student, setup, taught, relaxedHand),
    [student, setup, taught, relaxedHand],
  );
  const { hold, hand } = useMemo(
    () => gripFacts(grip, taught, relaxedHand),
    [grip, taught, relaxedHand],
  );
  const frogLength = useMemo(() => frogLengthOf(setup, hold.bow), [setup, hold.bow]);
  const { context, shots, taps } = state;
  const look = useMemo(
    () => lookOf({ context, shots, taps }, student.side, frogLength),
    [context, shots, taps, student.side, frogLength],
  );
  const start = useLessonStart(handFile, hold, hand, studioNow());
  return { setup, taught, grip, hold, hand, frogLength, look, start };
}

export type LookFacts = ReturnType<typeof useLookFacts>;
