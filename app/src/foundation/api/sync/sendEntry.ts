import { keptSchema } from '@open-palm/contract/apiError';
import { crossingSchema } from '@open-palm/contract/crossing';
import { keptGroupSchema } from '@open-palm/contract/group';
import { HEADERS } from '@open-palm/contract/headers';
import { logEntrySchema } from '@open-palm/contract/lessonLog';
import { ownHoldSchema } from '@open-palm/contract/ownHold';
import { pictureSchema } from '@open-palm/contract/picture';
import { relaxedHandSchema } from '@open-palm/contract/relaxedHand';
import { reportSchema } from '@open-palm/contract/report';
import { keptStudentSchema } from '@open-palm/contract/student';
import { keptTakeSchema } from '@open-palm/contract/take';
import { walkSchema } from '@open-palm/contract/walk';
import type { z } from 'zod';
import { ask, ApiProblem } from '../client';
import { paths } from '../paths';
import { VERSIONED, type Entry } from './entry';
import type { Answer } from './outcome';

/** A hung connection is given up: the entry is then sent again. */
const GIVEN_UP_MS = 60_000;
const GIVEN_UP_WITH_PICTURE_MS = 180_000;

/** Pictures that this page has seen arrive: a look that is sent again need not carry them again. */
const arrivedPictures = new Set<string>();

/** Sends an entry with its pictures and says what the studio answered; it never throws. */
export async function sendEntry(entry: Entry): Promise<Answer> {
  try {
    for (const { id, blob } of entry.pictures) {
      if (arrivedPictures.has(id)) continue;
      const kept = await ask(pictureSchema, paths.picture(id), {
        method: 'PUT',
        headers: madeBy(entry),
        body: blob,
        signal: AbortSignal.timeout(GIVEN_UP_WITH_PICTURE_MS),
      });
      if (kept.id !== id) return { kind: 'unknown' };
      arrivedPictures.add(id);
    }
    return await sendBody(entry);
  } catch (error) {
    // A refused look may have taken its pictures along: they are sent again with it.
    for (const { id } of entry.pictures) arrivedPictures.delete(id);
    return answerOf(entry, error);
  }
}

async function sendBody(entry: Entry): Promise<Answer> {
  const { schema, path } = WHERE[entry.kind];
  const answer = await ask(schema, path(entry.id), {
    method: 'PUT',
    headers: {
      'Content-Type': 'application/json',
      ...madeBy(entry),
      ...(VERSIONED.has(entry.kind)
        ? {
            [HEADERS.edit]: entry.edit,
            [HEADERS.basedOn]: String(entry.basedOn),
            ...(entry.after.length > 0 ? { [HEADERS.after]: entry.after.join() } : {}),
          }
        : {}),
    },
    body: JSON.stringify(entry.body),
    signal: AbortSignal.timeout(GIVEN_UP_MS),
  });
  // An answer about something else is none.
  if (idOf(answer) !== entry.id) return { kind: 'unknown' };
  if (!VERSIONED.has(entry.kind)) return { kind: 'kept' };
  return { kind: 'kept', version: (answer as { version: number }).version, body: answer };
}

/** Who made an entry, and for which studio: another one must not take it. */
const madeBy = ({ madeBy: device, studio, author }: Entry): Record<string, string> => ({
  [HEADERS.madeBy]: device,
  ...(studio === null ? {} : { [HEADERS.studio]: studio }),
  ...(author === null ? {} : { [HEADERS.author]: author }),
});

function answerOf(entry: Entry, error: unknown): Answer {
  if (!(error instanceof ApiProblem) || error.isUnreadable) return { kind: 'unknown' };
  const { status, code, message, where, conflict, retryAfterMs } = error;
  if (status === 404 && /^(captures|pictureId)/.test(where)) {
    // The studio has lost a picture that arrived before: it is sent again with the next try.
    entry.pictures.forEach(({ id }) => arrivedPictures.delete(id));
    if (entry.pictures.length > 0) return { kind: 'unknown' };
  }
  return {
    kind: 'problem',
    status,
    code,
    message,
    where,
    ...(retryAfterMs === null ? {} : { retryAfterMs }),
    ...(conflict ? { conflict } : {}),
  };
}

const idOf = (answer: object): unknown =>
  'checkId' in answer ? answer.checkId : 'id' in answer ? answer.id : undefined;

const WHERE: Record<Entry['kind'], { schema: z.ZodType<object>; path: (id: string) => string }> = {
  check: { schema: keptSchema, path: paths.check },
  relaxedHand: { schema: relaxedHandSchema, path: paths.relaxedHand },
  take: { schema: keptTakeSchema, path: paths.take },
  crossing: { schema: crossingSchema, path: paths.crossing },
  log: { schema: logEntrySchema, path: paths.log },
  student: { schema: keptStudentSchema, path: paths.student },
  letter: { schema: reportSchema, path: paths.report },
  hold: { schema: ownHoldSchema, path: paths.hold },
  group: { schema: keptGroupSchema, path: paths.group },
  walk: { schema: walkSchema, path: paths.walk },
};
