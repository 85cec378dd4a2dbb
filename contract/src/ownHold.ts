import { z } from 'zod';
import { HOLD_IDS, holdSchema } from '@open-palm/core/holds';
import { idSchema } from './ids';

/** A teacher's own hold: a copy of a shipped one with bands of their own. Each change is a new version. */
export const ownHoldSchema = holdSchema
  .extend({ id: idSchema, own: holdSchema.shape.own.unwrap() })
  .refine(({ own }) => HOLD_IDS.includes(own.basedOn), {
    path: ['own', 'basedOn'],
    error: `expected one of ${HOLD_IDS.join(', ')}`,
  });

export const ownHoldListSchema = z.object({ holds: z.array(ownHoldSchema) });
