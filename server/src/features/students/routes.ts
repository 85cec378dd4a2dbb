import { Router } from '@koa/router';
import {
  studentInputSchema,
  type HandHistory,
  type Setup,
  type SetupTrack,
  type Student,
} from '@open-palm/contract';
import { standingsOf, type SeenNow } from '@open-palm/records/lastSeen';
import { openByStudent } from '../../lastSeen/repo';
import { notFound } from '../../problem';
import { readBody, readEdit, readId, writtenBy } from '../../readBody';
import { latestHolds } from '../../references/repo';
import type { MailFolders } from '../../bin/mail';
import type { StudioParts } from '../../studioParts';
import { setupsWithPending } from '../../derive/repo';
import { READ_WAIT_MS, soon } from '../../derive/waits';
import { countUntold, tracksByStudent, wholeHistory } from '../../tracking/repo';
import { handFileOf } from './handFile';
import { allStudents, findStudent } from './repo';
import { saveStudent } from './service';

/** A hold that nothing was worked out of yet. */
const NOTHING_SEEN: SeenNow = { lastCheckAt: null, standings: standingsOf([]), badge: null };

const newestOf = (times: readonly (string | null)[]): string | null =>
  times.reduce(
    (newest, at) => (at !== null && (newest === null || at > newest) ? at : newest),
    null,
  );

export function studentRoutes(parts: StudioParts & MailFolders): Router {
  const { reader, deriver } = parts;
  const router = new Router({ prefix: '/api/students' });

  router.get('/', async (ctx) => {
    await soon(deriver);
    const leftOut = { count: 0 };
    const kept = await tracksByStudent(reader, leftOut);
    const open = await openByStudent(reader, leftOut);
    const students = await allStudents(reader, leftOut);
    const pending = await setupsWithPending(reader);
    // Of a first look that is still worked out nothing is said, least of all that there is none.
    const isTold = ({ setupId, lastOn }: SetupTrack) => lastOn !== null || !pending.has(setupId);
    ctx.body = {
      workingOut: deriver.waiting().length,
      unreadable: leftOut.count,
      students: students.map((student) => {
        const own = kept.get(student.id) ?? [];
        const main = own.find(({ position }) => position === 0);
        return {
          student,
          ...(main?.seen ?? NOTHING_SEEN),
          lastCheckAt: newestOf(own.map(({ seen }) => seen.lastCheckAt)),
          tracks: own.flatMap(({ position, track }) =>
            position !== null && isTold(track) ? [track] : [],
          ),
          open: open.get(student.id) ?? [],
        };
      }),
      ownHolds: await latestHolds(reader),
    };
  });

  router.put('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const input = readBody(studentInputSchema, ctx.request.body);
    ctx.body = await saveStudent(parts, id, input, writtenBy(ctx).maker, readEdit(ctx));
  });

  router.get('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const student = await findStudent(reader, id);
    if (!student) throw notFound('student', 'id');
    const setup = setupAsked(student, ctx.query.setup);
    await deriver.settled([setup.id], READ_WAIT_MS);
    ctx.body = await handFileOf(parts, student, setup.id);
  });

  router.get('/:id/history', async (ctx) => {
    const id = readId(ctx.params.id);
    const student = await findStudent(reader, id);
    if (!student) throw notFound('student', 'id');
    const setup = setupAsked(student, ctx.query.setup);
    await deriver.settled([setup.id], READ_WAIT_MS);
    const history: HandHistory = {
      setupId: setup.id,
      // Counted first: what is worked out between the two is asked for again, and never missed.
      workingOut: await countUntold(reader, setup.id),
      checks: await wholeHistory(reader, setup.id),
    };
    ctx.body = history;
  });

  return router;
}

/** The instrument that a hand file is asked for: the main one, unless another is named. */
function setupAsked({ setups }: Student, asked: string | string[] | undefined): Setup {
  const setup =
    asked === undefined ? setups[0] : setups.find(({ id }) => id === readId(String(asked)));
  if (!setup) throw notFound('instrument of this student', 'setup');
  return setup;
}
