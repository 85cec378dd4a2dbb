import type { z } from 'zod';
import { apiErrorSchema } from '@open-palm/contract';
import { strings } from '../strings';
import { noteStudioTime } from './clock';
import { noteReach } from './reach';

/** The header by which the service worker marks answers that it had kept. */
const REMEMBERED = 'x-open-palm-remembered';

/** An answer of the studio that is not what was hoped for, with a sentence for a person. */
export class ApiProblem extends Error {
  constructor(
    message: string,
    /** HTTP status; 0 when no answer came at all. */
    readonly status: number,
  ) {
    super(message);
    this.name = 'ApiProblem';
  }

  /** Whether sending the same again later can help. */
  get isPassing(): boolean {
    return this.status === 0 || this.status >= 500;
  }
}

/**
 * Asks the studio and checks its answer by the shared schema.
 *
 * @throws ApiProblem whatever goes wrong, with words
 */
export async function ask<S extends z.ZodType>(
  schema: S,
  path: string,
  init?: RequestInit,
): Promise<z.infer<S>> {
  let response: Response;
  let content: unknown;
  try {
    response = await fetch(path, init);
    content = await response.json();
    // An answer that this device remembers is none of the studio's.
    const isFresh = response.headers.get(REMEMBERED) === null;
    noteReach(isFresh);
    if (isFresh) noteStudioTime(response.headers.get('date'));
  } catch {
    noteReach(false);
    throw new ApiProblem(strings.loading.unreachable, 0);
  }
  if (!response.ok) {
    const told = apiErrorSchema.safeParse(content);
    const message = told.success ? told.data.error.message : strings.loading.unreadable;
    throw new ApiProblem(message, response.status);
  }
  const result = schema.safeParse(content);
  if (!result.success) throw new ApiProblem(strings.loading.unreadable, response.status);
  return result.data;
}

/** A write of JSON under a client's id. */
export const put = <S extends z.ZodType>(schema: S, path: string, body: unknown) =>
  ask(schema, path, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
