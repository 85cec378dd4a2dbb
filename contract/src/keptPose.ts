import { z } from 'zod';
import { MEASURE_IDS } from '@open-palm/core/measure';
import { DIGITS, type Digit } from '@open-palm/core/pose/digits';

const residualIdSchema = z.union([
  z.enum(MEASURE_IDS),
  z.enum(DIGITS.map((digit): `${Digit}X` => `${digit}X`)),
]);

/** The hand on the bow that a look's measures tell, as it was kept: what is drawn of it, and how near it came to what was measured. */
export const keptPoseSchema = z
  .object({
    /** Wrist and turn of the whole hand, then thumb and fingers: mm and degrees in the order of docs/drawn-hand.md. */
    values: z.array(z.number()).length(27),
    wristBend: z.object({ flexionDeg: z.number(), deviationDeg: z.number() }).strict(),
    residuals: z.array(
      z.object({ id: residualIdSchema, wanted: z.number(), came: z.number() }).strict(),
    ),
    fighting: z.array(residualIdSchema),
  })
  .strict();
