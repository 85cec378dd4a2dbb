import { InputError } from '../issue';
import cello from './data/cello.json';
import celloSmallHand from './data/cello-small-hand.json';
import fiddle from './data/fiddle.json';
import frenchBassKnuckles from './data/french-bass-knuckles.json';
import frenchBassRing from './data/french-bass-ring.json';
import germanBass from './data/german-bass.json';
import violinDeep from './data/violin-deep.json';
import violinShallow from './data/violin-shallow.json';
import violinStarter from './data/violin-starter.json';
import { holdSchema, type Hold, type Instrument } from './holdSchema';

const HOLDS: readonly Hold[] = [
  violinShallow,
  violinDeep,
  violinStarter,
  fiddle,
  cello,
  celloSmallHand,
  frenchBassRing,
  frenchBassKnuckles,
  germanBass,
].map((file) => holdSchema.parse(file));

/** Ids of the holds that ship with the app. */
export const HOLD_IDS: readonly string[] = HOLDS.map((hold) => hold.id);

/**
 * A hold by its id.
 *
 * @throws InputError `unknownHold`
 * @example holdById('cello').bow // 'cello'
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

/**
 * The holds that are taught on an instrument, the usual one first.
 *
 * @example holdsFor('viola').map(({ id }) => id) // ['violin-shallow', 'violin-deep', 'violin-starter', 'fiddle']
 */
export const holdsFor = (instrument: Instrument): readonly Hold[] =>
  HOLDS.filter((hold) => hold.instruments.includes(instrument));
