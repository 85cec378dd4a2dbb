import { z } from 'zod';

/** How the studio itself is: what a person should know of its files, and what is still worked out. */
export const studioStateSchema = z.object({
  /** Files that belong to nothing and were set aside when the studio was opened: nothing is deleted. */
  setAside: z.object({ files: z.number().int(), folder: z.string() }).nullable(),
  /** Pictures whose file is gone; the device that took one may send it again. */
  missingPictures: z.number().int(),
  /** Looks that are still worked out. */
  pendingLooks: z.number().int(),
  /** Looks that cannot be worked out: they are kept and shown as they were given. */
  unworkable: z.number().int(),
});

export type StudioState = z.infer<typeof studioStateSchema>;
