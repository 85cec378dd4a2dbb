import { z } from 'zod';
import type { Hold } from '../holds';
import contradictions from './data/contradictions.json';
import causes from './data/causes.json';
import drills from './data/drills.json';
import numbers from './data/numbers.json';
import signs from './data/signs.json';
import {
  causeSchema,
  contradictionSchema,
  drillSchema,
  numbersSchema,
  signSchema,
  type Cause,
  type Contradiction,
  type Drill,
  type JudgeNumbers,
  type Sign,
} from './judgeSchema';

/** Everything that can be seen to be wrong. */
export const SIGNS: readonly Sign[] = z.array(signSchema).parse(signs);

/** Every cause, in the order of inspection. */
export const CAUSES: readonly Cause[] = z.array(causeSchema).parse(causes);

export const DRILLS: readonly Drill[] = z.array(drillSchema).parse(drills);

/** Pairs of signs that cannot both be. */
export const CONTRADICTIONS: readonly Contradiction[] = z
  .array(contradictionSchema)
  .parse(contradictions);

export const NUMBERS: JudgeNumbers = numbersSchema.parse(numbers);

/** The causes that a hold can have, by the bow that it holds. */
export const causesOf = ({ bow }: Pick<Hold, 'bow'>): readonly Cause[] =>
  CAUSES.filter(({ bows }) => bows === undefined || bows.includes(bow));
