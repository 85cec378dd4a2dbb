import type { z } from 'zod';
import { idSchema, issuesFromZod } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';

/**
 * A request's body, checked by its schema.
 *
 * @throws InputError with everything that is wrong
 */
export function readBody<S extends z.ZodType>(schema: S, body: unknown): z.infer<S> {
  const result = schema.safeParse(body);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'body'));
  return result.data;
}

/** The id in a path, which is always a UUID of version 7. */
export function readId(value: string | undefined): string {
  const result = idSchema.safeParse(value);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'id'));
  return result.data;
}
