import { z } from 'zod';
import { HOLD_IDS, holdSchema } from '@open-palm/core/holds';
import { problemText } from '@open-palm/core/problem';
import { idSchema } from './ids';
import { lenientArray } from './lenientArray';

/** Several times the longest hold that ships, letters of JSON. */
const LONGEST_HOLD = 120_000;

/** A teacher's own hold: a copy of a shipped one with bands of their own. Each change is a new version. */
export const ownHoldSchema = holdSchema
  .extend({ id: idSchema, own: holdSchema.shape.own.unwrap() })
  .refine(({ own }) => HOLD_IDS.includes(own.basedOn), {
    path: ['own', 'basedOn'],
    error: problemText('notOneOf', { known: HOLD_IDS.join(', ') }),
  })
  .refine((hold) => JSON.stringify(hold).length <= LONGEST_HOLD, {
    error: problemText('holdTooLong'),
  });

export const ownHoldListSchema = z.object({ holds: lenientArray(ownHoldSchema) });
