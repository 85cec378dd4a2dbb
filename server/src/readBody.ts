import { answers } from '@open-palm/words/answers';
import type { Context } from 'koa';
import { z } from 'zod';
import { idSchema, issuesFromZod, HEADERS } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';
import { visitorOf } from './access/door';
import { Problem } from './problem';
import type { Written } from './maker';

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

/** How a write came: its body as received, and who made it. */
export const writtenBy = (ctx: Context): Written => ({
  received: ctx.request.body,
  maker: {
    madeBy: idSchema.safeParse(ctx.get(HEADERS.madeBy)).data ?? null,
    author: visitorOf(ctx).person?.id ?? null,
  },
});

/** An edit of something that changes: under an id of its own, so that repeating it is known, and on what it is based. */
export interface Edit {
  id: string;
  basedOn: number;
  /** Edits that it goes on from, whose answers may have been lost. */
  after: readonly string[];
}

/** More than a device remembers. */
const MOST_AFTER = 20;

const basedOnSchema = z.coerce.number().int().min(0).max(1_000_000_000);

/**
 * The edit that a write names; null when it names none, and then it can only add something new.
 *
 * @throws Problem `malformed` for an edit that is named by half
 */
export function readEdit(ctx: Context): Edit | null {
  const [id, basedOn] = [ctx.get(HEADERS.edit), ctx.get(HEADERS.basedOn)];
  if (id === '' && basedOn === '') return null;
  const read = { id: idSchema.safeParse(id), basedOn: basedOnSchema.safeParse(basedOn || 'none') };
  if (!read.id.success) {
    throw new Problem(400, 'malformed', answers.editId, HEADERS.edit);
  }
  if (!read.basedOn.success) {
    throw new Problem(400, 'malformed', answers.editBase, HEADERS.basedOn);
  }
  const after = ctx
    .get(HEADERS.after)
    .split(',')
    .slice(0, MOST_AFTER)
    .filter((earlier) => idSchema.safeParse(earlier).success);
  return { id: read.id.data, basedOn: read.basedOn.data, after };
}
