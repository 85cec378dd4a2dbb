import { v7 as uuidv7 } from 'uuid';
import type { HandFile } from '@open-palm/contract';
import type { View } from '@open-palm/core/measure';
import { findHold } from '@open-palm/records/holds';
import { EMPTY_LOOK } from '../look/lookState';
import type { CheckDraft, ShotDraft } from './checkDraft';

/** A look that begins. */
export function newDraft({ student, setupId, ownHolds }: HandFile): CheckDraft {
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const [view] = findHold(setup.holdId, ownHolds).views as View[];
  return {
    version: 2,
    checkId: uuidv7(),
    step: 'setup',
    station: 0,
    state: EMPTY_LOOK,
    shot: newShot(view!),
    // Experienced players are watched first; what to change comes later.
    watching: student.level === 'advanced',
    isDone: false,
  };
}

/** An empty place for the next picture. */
export const newShot = (view: View): ShotDraft => ({
  id: uuidv7(),
  view,
  place: null,
  picture: null,
  marks: null,
  marksOf: '',
});
