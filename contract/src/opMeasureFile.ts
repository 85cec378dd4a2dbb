import { z } from 'zod';
import { MEASURED_FROG_SD_MM, type BowPointName } from '@open-palm/core/bow';
import { HAND_POINTS } from '@open-palm/core/hand';
import { InputError } from '@open-palm/core/issue';
import { CONTEXTS, SIDES, VIEWS, type Capture, type PointName } from '@open-palm/core/measure';
import { imageSizeSchema } from './capture';
import { issuesFromZod } from './zodIssues';

const pair = z.tuple([z.number(), z.number()]);
const handPoint = z.union([pair, z.tuple([z.number(), z.number(), z.number()])], {
  error: 'expected [x, y] or [x, y, z] in pixels, or null for a point that was not seen',
});

/** The file that `op measure` reads; docs/measure-file.md tells it in words. */
export const opMeasureFileSchema = z
  .object({
    hold: z.string().optional(),
    view: z.enum(VIEWS),
    side: z.enum(SIDES).default('right'),
    mirrored: z.boolean().default(false),
    context: z.enum(CONTEXTS).optional(),
    image: imageSizeSchema,
    hand: z
      .array(handPoint.nullable())
      .length(HAND_POINTS.length, 'expected 21 points, null for one that was not seen'),
    bow: z
      .object({
        stickHandEnd: pair.nullable(),
        stickTipEnd: pair.nullable(),
        frogFront: pair.nullable(),
        frogBack: pair.nullable(),
      })
      .strict(),
    forearm: pair.nullish(),
    string: z.object({ upper: pair, lower: pair }).strict().nullish(),
    frogLengthMm: z.number(),
    frogSdMm: z.number().nonnegative().default(MEASURED_FROG_SD_MM),
    sigmaPx: z.number().positive('expected a doubt above 0 px'),
  })
  .strict();

export type OpMeasureFile = z.infer<typeof opMeasureFileSchema>;

/**
 * Reads a measure file.
 *
 * @param content parsed JSON
 * @throws InputError with every part that is missing or not of its kind
 */
export function readOpMeasureFile(content: unknown): OpMeasureFile {
  const result = opMeasureFileSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  return result.data;
}

/** The capture that a measure file tells of, un-mirrored. */
export function captureFromFile(file: OpMeasureFile): Capture {
  const points: Capture['points'] = {};
  const mark = (name: PointName, at: readonly number[] | null | undefined) => {
    if (!at) return;
    const [x, y] = at as [number, number];
    points[name] = { x: file.mirrored ? file.image.width - x : x, y, sigma: file.sigmaPx };
  };
  HAND_POINTS.forEach((name, i) => mark(name, file.hand[i]));
  for (const [name, at] of Object.entries(file.bow)) mark(name as BowPointName, at);
  mark('forearm', file.forearm);
  mark('stringUpper', file.string?.upper);
  mark('stringLower', file.string?.lower);
  return {
    view: file.view,
    side: file.side,
    image: file.image,
    points,
    frogLength: { mm: file.frogLengthMm, sdMm: file.frogSdMm },
  };
}
