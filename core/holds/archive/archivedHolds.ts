import { z } from 'zod';
import { HOLD_IDS, holdById } from '../holds';
import { holdSchema, type Hold } from '../holdSchema';
import cello1 from './data/cello.1.json';
import cello2 from './data/cello.2.json';
import celloSmallHand1 from './data/cello-small-hand.1.json';
import celloSmallHand2 from './data/cello-small-hand.2.json';
import fiddle1 from './data/fiddle.1.json';
import fiddle2 from './data/fiddle.2.json';
import frenchBassKnuckles1 from './data/french-bass-knuckles.1.json';
import frenchBassKnuckles2 from './data/french-bass-knuckles.2.json';
import frenchBassRing1 from './data/french-bass-ring.1.json';
import frenchBassRing2 from './data/french-bass-ring.2.json';
import germanBass1 from './data/german-bass.1.json';
import germanBass2 from './data/german-bass.2.json';
import violinDeep1 from './data/violin-deep.1.json';
import violinDeep2 from './data/violin-deep.2.json';
import violinDeep3 from './data/violin-deep.3.json';
import violinShallow1 from './data/violin-shallow.1.json';
import violinShallow2 from './data/violin-shallow.2.json';
import violinStarter1 from './data/violin-starter.1.json';
import violinStarter2 from './data/violin-starter.2.json';

/** What of a released version judges a look; how it is drawn and taught is not kept of old ones. */
const judgingParts = {
  id: true,
  version: true,
  startingPlacesMm: true,
  startingDepthsU: true,
  checkpoints: true,
  settings: true,
} as const;

const archivedSchema = holdSchema.pick(judgingParts);

const ARCHIVED: readonly z.infer<typeof archivedSchema>[] = [
  violinShallow1,
  violinShallow2,
  violinDeep1,
  violinDeep2,
  violinDeep3,
  violinStarter1,
  violinStarter2,
  fiddle1,
  fiddle2,
  cello1,
  cello2,
  celloSmallHand1,
  celloSmallHand2,
  frenchBassRing1,
  frenchBassRing2,
  frenchBassKnuckles1,
  frenchBassKnuckles2,
  germanBass1,
  germanBass2,
].map((file) => archivedSchema.parse(file));

/**
 * A shipped hold as it was released under a version: looks are judged by the version they name, whatever came after.
 *
 * @returns undefined for a hold or a version that was never released
 */
export function shippedHold(id: string, version: number): Hold | undefined {
  if (!HOLD_IDS.includes(id)) return undefined;
  const current = holdById(id);
  if (current.version === version) return current;
  const archived = ARCHIVED.find((one) => one.id === id && one.version === version);
  return archived && { ...current, ...archived };
}

/** The parts of a hold by which looks are judged, for telling whether two versions judge alike. */
export const judgedBy = (hold: Hold): z.infer<typeof archivedSchema> =>
  archivedSchema.parse(
    Object.fromEntries(Object.keys(judgingParts).map((key) => [key, hold[key as keyof Hold]])),
  );
