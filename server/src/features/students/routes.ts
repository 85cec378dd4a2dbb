import { Router } from '@koa/router';
import type { Knex } from 'knex';
import {
  studentInputSchema,
  type HandFile,
  type HandHistory,
  type Setup,
  type Student,
} from '@open-palm/contract';
import { HOLD_IDS } from '@open-palm/core/holds';
import { mergeContacts } from '@open-palm/core/measure';
import { inTransaction } from '../../db/inTransaction';
import { lastSeenOf, mergeSigns, seenNow, standingsOf } from '../../lastSeen/handFile';
import {
  checkSummaries,
  newestContacts,
  newestFittedHand,
  newestMeasures,
  newestSigns,
  openByStudent,
  PORTRAIT_CHECKS,
} from '../../lastSeen/repo';
import { notFound, Problem } from '../../problem';
import { readBody, readId } from '../../readBody';
import { latestHolds, logOf, newestRelaxedHand, ownCues } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import { refreshTrack } from '../../tracking/refreshTrack';
import { tracksByStudent, wholeHistory } from '../../tracking/repo';
import { allStudents, findStudent, putStudent } from './repo';

/** A hold that nothing was worked out of yet. */
const NOTHING_SEEN = seenNow(null, [], []);

const newestOf = (times: readonly (string | null)[]): string | null =>
  times.reduce(
    (newest, at) => (at !== null && (newest === null || at > newest) ? at : newest),
    null,
  );

export function studentRoutes({ db, now, zone }: StudioParts): Router {
  const router = new Router({ prefix: '/api/students' });

  router.get('/', async (ctx) => {
    const kept = await tracksByStudent(db);
    const open = await openByStudent(db);
    ctx.body = {
      students: (await allStudents(db)).map((student) => {
        const own = kept.get(student.id) ?? [];
        const main = own.find(({ position }) => position === 0);
        return {
          student,
          ...(main?.seen ?? NOTHING_SEEN),
          lastCheckAt: newestOf(own.map(({ seen }) => seen.lastCheckAt)),
          tracks: own.flatMap(({ position, track }) => (position === null ? [] : [track])),
          open: open.get(student.id) ?? [],
        };
      }),
      ownHolds: await latestHolds(db),
    };
  });

  router.put('/:id', async (ctx) => {
    const student = {
      id: readId(ctx.params.id),
      ...readBody(studentInputSchema, ctx.request.body),
    };
    await refuseUnknownHolds(db, student);
    const kept = await inTransaction(db, async (trx) => {
      if (!(await putStudent(trx, student, now().toISOString()))) return false;
      // The day of the lesson decides when the next look is due.
      for (const { id } of student.setups) await refreshTrack(trx, id, zone);
      return true;
    });
    if (!kept) {
      const message = 'One of these instruments already belongs to another student.';
      throw new Problem(409, 'conflict', message, 'setups');
    }
    ctx.body = student;
  });

  router.get('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const student = await findStudent(db, id);
    if (!student) throw notFound('student', 'id');
    const setup = setupAsked(student, ctx.query.setup);
    const newest = await newestMeasures(db, 2, setup.id);
    const contacts = await newestContacts(db, PORTRAIT_CHECKS, setup.id);
    const handFile: HandFile = {
      student,
      setupId: setup.id,
      ownHolds: (await latestHolds(db)) as HandFile['ownHolds'],
      relaxedHand: (await newestRelaxedHand(db, id)) ?? null,
      history: await checkSummaries(db, setup.id),
      lastSeen: lastSeenOf(newest),
      standings: standingsOf(newest),
      contacts: mergeContacts(contacts),
      fittedHand: await newestFittedHand(db, setup.id),
      signs: mergeSigns(await newestSigns(db, PORTRAIT_CHECKS, setup.id)),
      log: await logOf(db, id, setup.id),
      ownCues: await ownCues(db),
    };
    ctx.body = handFile;
  });

  router.get('/:id/history', async (ctx) => {
    const id = readId(ctx.params.id);
    const student = await findStudent(db, id);
    if (!student) throw notFound('student', 'id');
    const setup = setupAsked(student, ctx.query.setup);
    const history: HandHistory = { setupId: setup.id, checks: await wholeHistory(db, setup.id) };
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

/** An own hold must be there, and be one of the setup's instrument. */
async function refuseUnknownHolds(db: Knex, { setups }: Student): Promise<void> {
  if (setups.every(({ holdId }) => HOLD_IDS.includes(holdId))) return;
  const own = await latestHolds(db);
  for (const [i, { holdId, instrument }] of setups.entries()) {
    const where = `setups[${i}].holdId`;
    if (HOLD_IDS.includes(holdId)) continue;
    const hold = own.find(({ id }) => id === holdId);
    if (!hold) throw notFound('hold', where);
    if (!hold.instruments.includes(instrument)) {
      throw new Problem(400, 'malformed', 'This hold belongs to another instrument.', where);
    }
  }
}
