import type { z } from 'zod';
import type { Conflict } from '@open-palm/contract';
import { apiErrorSchema } from '@open-palm/contract/apiError';
import { HEADERS } from '@open-palm/contract/headers';
import { strings } from '../strings';
import { noteRefusal } from './accessState';
import { APP_BUILD, noteStudioBuild } from './builds';
import { noteStudioTime } from './clock';
import { noteGone } from './gone';
import { noteReach } from './reach';
import { noteReading } from './reading';
import { currentStudio, noteStudio } from './whichStudio';

/** The header by which the service worker marks answers that it had kept. */
const REMEMBERED = 'x-open-palm-remembered';

/** An answer of the studio that is not what was hoped for, with a sentence for a person. */
export class ApiProblem extends Error {
  readonly code: string;
  readonly where: string;
  readonly conflict: Conflict | null;
  readonly retryAfterMs: number | null;
  /** Whether nobody can tell what the answer was: then it is not known whether a write was kept. */
  readonly isUnreadable: boolean;

  constructor(
    message: string,
    /** HTTP status; 0 when no answer came at all. */
    readonly status: number,
    more: Partial<Pick<ApiProblem, 'code' | 'where' | 'conflict' | 'retryAfterMs'>> = {},
  ) {
    super(message);
    this.name = 'ApiProblem';
    this.code = more.code ?? '';
    this.where = more.where ?? '';
    this.conflict = more.conflict ?? null;
    this.retryAfterMs = more.retryAfterMs ?? null;
    this.isUnreadable = status === 0 || (status >= 200 && status < 300);
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
  const response = await answered(path, init);
  const content: unknown = await response.json().catch(() => undefined);
  const result = schema.safeParse(content);
  if (!result.success) throw new ApiProblem(strings.loading.unreadable, response.status);
  return result.data;
}

/**
 * A file that the studio makes of what it is given.
 *
 * @throws ApiProblem whatever goes wrong, with words
 */
export async function askFile(path: string, body: unknown): Promise<Blob> {
  return (await answered(path, { method: 'POST', ...asJson(body) })).blob();
}

/** An answer that is no refusal. */
async function answered(path: string, init?: RequestInit): Promise<Response> {
  let response: Response;
  try {
    const headers = { ...studioOf(init), ...init?.headers, [HEADERS.build]: APP_BUILD };
    response = await fetch(path, { ...init, headers });
  } catch {
    noteReach(false);
    throw new ApiProblem(strings.loading.unreachable, 0);
  }
  // An answer that this device remembers is none of the studio's.
  const isFresh = response.headers.get(REMEMBERED) === null;
  noteReach(isFresh);
  if (isFresh) {
    noteStudioTime(response.headers.get('date'));
    noteStudio(response.headers.get(HEADERS.studio));
    noteStudioBuild(response.headers.get(HEADERS.build));
    noteReading(response.headers.get(HEADERS.reading));
  }
  if (response.ok) return response;
  const content: unknown = await response.json().catch(() => undefined);
  const refusal = apiErrorSchema.safeParse(content);
  // What is refused without our own words was refused by something on the way.
  if (!refusal.success) throw new ApiProblem(strings.loading.unreadable, response.status);
  const { error, conflict } = refusal.data;
  noteRefusal(error.code);
  if (error.code === 'erased') noteGone();
  throw new ApiProblem(error.message, response.status, {
    code: error.code,
    where: error.where,
    conflict: conflict ?? null,
    retryAfterMs: secondsOf(response.headers.get('retry-after')),
  });
}

/** A write says for which studio it is meant: a page that still shows another one changes nothing in this. */
function studioOf(init: RequestInit | undefined): Record<string, string> {
  const studio = currentStudio();
  return init?.method === undefined || studio === null ? {} : { [HEADERS.studio]: studio };
}

const secondsOf = (header: string | null): number | null =>
  header !== null && /^\d{1,6}$/.test(header) ? Number(header) * 1000 : null;

/** A write of JSON under a client's id. */
export const put = <S extends z.ZodType>(schema: S, path: string, body: unknown) =>
  ask(schema, path, { method: 'PUT', ...asJson(body) });

const asJson = (body: unknown): RequestInit => ({
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});
