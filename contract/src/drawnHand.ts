import { z } from 'zod';

const pathData = z.string();

/** A drawn hand on its bow: path data in parts of a millimetre, in the order in which they are drawn. */
export const drawnHandSchema = z.object({
  width: z.number(),
  height: z.number(),
  hand: z.object({
    outline: pathData,
    shade: pathData,
    deep: pathData,
    gleam: pathData,
    nails: pathData,
    creases: pathData,
    ink: pathData,
  }),
  unseen: pathData,
  bow: z
    .object({
      faces: z.array(
        z.object({
          stuff: z.enum([
            'wood',
            'frog',
            'metal',
            'leather',
            'winding',
            'hair',
            'pearl',
            'paint',
            'graphite',
          ]),
          tone: z.union([z.literal(0), z.literal(1), z.literal(2)]),
          path: pathData,
        }),
      ),
      outline: pathData,
    })
    .nullable(),
  before: pathData,
});

/** The small portrait of a list. */
export const badgeSchema = z.object({
  drawing: drawnHandSchema,
  /** Nobody has looked at anything of it. */
  isUnseen: z.boolean(),
});

export type Badge = z.infer<typeof badgeSchema>;
