import { z } from 'zod';

/** The answer to a write that is kept: under which id. */
export const keptSchema = z.object({ id: z.string() });

/** The one shape of every error answer. `where` is a path into what was sent, a field or a header. */
export const apiErrorSchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    where: z.string(),
  }),
  /** What stands in the studio where two edits changed the same fields: a person chooses. */
  conflict: z
    .object({
      version: z.number().int(),
      theirs: z.unknown(),
      fields: z.array(z.array(z.string())),
    })
    .optional(),
});

/** What stands in the studio, and which fields both edits changed. */
export type Conflict = NonNullable<ApiErrorBody['conflict']>;
export type ApiErrorBody = z.infer<typeof apiErrorSchema>;
