import { z } from 'zod';
import { problemText } from '../problem';
import { evidenceSchema } from '../holds';
import aids from './data/aids.json';

/** Ways of doing without an aid, a little more each. Their words lie in the strings catalogues. */
export const AID_STEPS = [
  'firstMinutes',
  'everyOtherDay',
  'onlyToSetUp',
  'looser',
  'feltFirst',
  'without',
] as const;

/** Something that helps the hand for a while. An aid that stays becomes the hold: each has a day to be without it. */
export const aidSchema = z
  .object({
    id: z.string(),
    /** Usual time from its start to being without it. */
    days: z.number().int().positive(),
    /** From wearing it always to being without. */
    steps: z.array(z.enum(AID_STEPS)).min(1),
    standing: evidenceSchema,
  })
  .strict()
  .refine(({ steps }) => steps.at(-1) === 'without', problemText('lastStep'));

export type Aid = z.infer<typeof aidSchema>;
export type AidStep = (typeof AID_STEPS)[number];

/** Every aid. */
export const AIDS: readonly Aid[] = z.array(aidSchema).parse(aids);

/**
 * @throws Error for an id that no aid has: ids are checked where they come in
 *
 * @example aidById('finger-loop').days // 35
 */
export function aidById(id: string): Aid {
  const aid = AIDS.find((one) => one.id === id);
  if (!aid) throw new Error(`There is no aid "${id}".`);
  return aid;
}

/**
 * By which day each step is meant to be reached: spread evenly between the start and the day to be without.
 *
 * @example aidPlan(aidById('finger-loop'), 0, 35) // [12, 23, 35]
 */
export function aidPlan({ steps }: Aid, fromDay: number, offDay: number): number[] {
  return steps.map((_, i) => Math.round(fromDay + ((offDay - fromDay) * (i + 1)) / steps.length));
}
