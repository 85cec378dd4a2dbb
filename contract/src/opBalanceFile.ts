import { z } from 'zod';
import type { BalanceSetup } from '@open-palm/core/balance';
import { InputError } from '@open-palm/core/issue';
import { problemText, type Problem, type ProblemCode } from '@open-palm/core/problem';
import { HEAVIEST_G } from './setup';
import { issuesFromZod } from './zodIssues';

const LONGEST_MM = 900;

const bow = z
  .object({
    massG: z.number().positive().max(HEAVIEST_G),
    balanceMm: z.number().positive(),
    thumbMm: z.number().nonnegative(),
    lengthMm: z.number().min(200).max(LONGEST_MM),
  })
  .strict()
  .superRefine(({ balanceMm, thumbMm, lengthMm }, context) => {
    for (const [name, at] of [
      ['balanceMm', balanceMm],
      ['thumbMm', thumbMm],
    ] as const) {
      if (at < lengthMm) continue;
      const message = problemText('beyondBow', { at, end: lengthMm });
      context.addIssue({ code: 'custom', path: [name], message });
    }
  });

const place = z.number().min(-200).max(200);

/** The file that `op balance` reads; docs/balance.md tells it in words. Places are mm from the thumb. */
export const opBalanceFileSchema = z
  .object({
    bow,
    hold: z.enum(['over', 'under']),
    contacts: z
      .object({
        index: place,
        middle: place,
        ring: place,
        little: place,
        web: place,
        thumb: z.literal(0, { error: problemText('thumbAtNought') }),
      })
      .partial()
      .strict(),
    string: z
      .object({ forceN: z.number().nonnegative().max(20), atMm: z.number() })
      .strict()
      .nullable(),
    tiltDeg: z.number().min(-90).max(90).default(0),
    planeDeg: z.number().min(0).max(90).default(0),
    /** Of the weight across the string's plane, how much friction on the string takes. */
    frictionShare: z.number().min(0).max(1).default(0),
  })
  .strict()
  .superRefine((file, context) => {
    const { string, bow: own, contacts, hold } = file;
    const refuse = (path: string[], code: ProblemCode, params?: Problem['params']) =>
      context.addIssue({ code: 'custom', path, message: problemText(code, params) });
    if (string && string.atMm > own.lengthMm - own.thumbMm) {
      const tip = own.lengthMm - own.thumbMm;
      refuse(['string', 'atMm'], 'beyondTip', { at: string.atMm, tip });
    }
    if (string && string.atMm < -own.thumbMm) {
      refuse(['string', 'atMm'], 'behindButton', { at: string.atMm });
    }
    if (!string && file.frictionShare > 0) refuse(['frictionShare'], 'frictionInTheAir');
    if (hold === 'over' && contacts.web !== undefined) {
      refuse(['contacts', 'web'], 'webOnlyUnderHand');
    }
    outOfOrder(contacts).forEach(([name, before]) =>
      refuse(['contacts', name], 'fingerOrder', { name, before }),
    );
  });

const ORDER = ['index', 'middle', 'ring', 'little'] as const;

/** Fingers that lie nearer to the tip than the one before them. */
function outOfOrder(contacts: Partial<Record<(typeof ORDER)[number], number | undefined>>) {
  const there = ORDER.filter((name) => contacts[name] !== undefined);
  return there.flatMap((name, i) => {
    const before = there[i - 1];
    return before !== undefined && contacts[name]! > contacts[before]!
      ? [[name, before] as const]
      : [];
  });
}

/**
 * Reads a balance file.
 *
 * @param content parsed JSON
 * @throws InputError with every part that is missing, not of its kind, or cannot be
 */
export function readOpBalanceFile(content: unknown): {
  setup: BalanceSetup;
  frictionShare: number;
} {
  const result = opBalanceFileSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  const { contacts, frictionShare, ...file } = result.data;
  const places = Object.entries(contacts).filter(
    ([name, at]) => name !== 'thumb' && at !== undefined,
  );
  const setup = { ...file, contacts: Object.fromEntries(places) };
  return { setup, frictionShare };
}
