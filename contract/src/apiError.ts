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
  /** Where two edits changed the same fields: both brought together, with the studio's own values in those fields. */
  conflict: z
    .object({
      version: z.number().int(),
      theirs: z.unknown(),
      fields: z.array(z.array(z.string())),
    })
    .optional(),
});

/** What both edits make together, and which fields both changed: there it has the studio's own values. */
export type Conflict = NonNullable<ApiErrorBody['conflict']>;
export type ApiErrorBody = z.infer<typeof apiErrorSchema>;
