import { z } from 'zod';
import type { Hold } from '../holds';
import contradictions from './data/contradictions.json';
import causes from './data/causes.json';
import cues from './data/cues.json';
import exclusive from './data/exclusive.json';
import numbers from './data/numbers.json';
import opposites from './data/opposites.json';
import signs from './data/signs.json';
import {
  causeSchema,
  contradictionSchema,
  cueSchema,
  exclusiveSchema,
  numbersSchema,
  oppositesSchema,
  signSchema,
  type Cause,
  type Contradiction,
  type Cue,
  type DiagnosisNumbers,
  type Opposites,
  type Sign,
} from './judgeSchema';

/** Everything that can be seen to be wrong. */
export const SIGNS: readonly Sign[] = z.array(signSchema).parse(signs);

/** Every cause, in the order of inspection. */
export const CAUSES: readonly Cause[] = z.array(causeSchema).parse(causes);

/** Everything that is said to a student. */
export const CUES: readonly Cue[] = z.array(cueSchema).parse(cues);

/** Causes that exclude each other, in groups. */
export const EXCLUSIVE: readonly (readonly string[])[] = z.array(exclusiveSchema).parse(exclusive);

/** Opposites at two places that are one thing. */
export const OPPOSITES: readonly Opposites[] = z.array(oppositesSchema).parse(opposites);

/** Pairs of signs that cannot both be. */
export const CONTRADICTIONS: readonly Contradiction[] = z
  .array(contradictionSchema)
  .parse(contradictions);

export const NUMBERS: DiagnosisNumbers = numbersSchema.parse(numbers);

/**
 * The causes that a hold can have, by the bow that it holds.
 *
 * @example causesOf({ bow: 'german-bass' }).some(({ id }) => id === 'thumbOnItsPad') // false
 */
export const causesOf = ({ bow }: Pick<Hold, 'bow'>): readonly Cause[] =>
  CAUSES.filter(({ bows }) => bows === undefined || bows.includes(bow));
