import { InputError } from '../issue';
import violinShallow from './data/violin-shallow.json';
import { holdSchema, type Hold } from './holdSchema';

const HOLDS: readonly Hold[] = [violinShallow].map((file) => holdSchema.parse(file));

/** Ids of the holds that ship with the app. */
export const HOLD_IDS: readonly string[] = HOLDS.map((hold) => hold.id);

/**
 * A hold by its id.
 *
 * @throws InputError `unknownHold`
 */
export function holdById(id: string): Hold {
  const hold = HOLDS.find((candidate) => candidate.id === id);
  if (!hold) {
    throw new InputError([
      { code: 'unknownHold', where: 'hold', params: { id, known: HOLD_IDS.join(', ') } },
    ]);
  }
  return hold;
}
