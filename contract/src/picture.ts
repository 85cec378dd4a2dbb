import { z } from 'zod';
import { idSchema } from './ids';

/** The largest picture file that is taken. */
export const LARGEST_PICTURE_BYTES = 20 * 1024 * 1024;

/** The long side to which larger pictures are brought, px. */
export const LONGEST_KEPT_SIDE_PX = 2000;

/** A kept picture: upright, without metadata, size in px. */
export const pictureSchema = z.object({
  id: idSchema,
  width: z.number().int(),
  height: z.number().int(),
});

export type Picture = z.infer<typeof pictureSchema>;
