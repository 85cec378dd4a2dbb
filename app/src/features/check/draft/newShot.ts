import { v7 as uuidv7 } from 'uuid';
import type { View } from '@open-palm/core/measure';
import type { ShotDraft } from './checkDraft';

/** An empty place for the next picture. */
export const newShot = (view: View): ShotDraft => ({
  id: uuidv7(),
  view,
  viewIsAssumed: true,
  place: null,
  picture: null,
  marks: null,
  marksOf: '',
});
