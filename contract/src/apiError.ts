import { z } from 'zod';

/** The one shape of every error answer. `where` is a path into what was sent, a field or a header. */
export const apiErrorSchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    where: z.string(),
  }),
});

export type ApiErrorBody = z.infer<typeof apiErrorSchema>;
