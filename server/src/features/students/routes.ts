import { Router } from '@koa/router';
import type { Knex } from 'knex';
import { studentInputSchema, type HandFile } from '@open-palm/contract';
import { notFound } from '../../problem';
import { readBody, readId } from '../../readBody';
import { lastSeenOf, listItem, mergeContacts, standingsOf } from './handFile';
import {
  allStudents,
  checkSummaries,
  findStudent,
  newestContacts,
  newestMeasures,
  putStudent,
} from './repo';

/** How many checks back a portrait may reach for what newer pictures did not show. */
const PORTRAIT_CHECKS = 8;

export function studentRoutes({ db, now }: { db: Knex; now: () => Date }): Router {
  const router = new Router({ prefix: '/api/students' });

  router.get('/', async (ctx) => {
    const students = await allStudents(db);
    const newest = await newestMeasures(db, 1);
    const contacts = await newestContacts(db, PORTRAIT_CHECKS);
    ctx.body = {
      students: students.map((student) =>
        listItem(student, newest.get(student.id) ?? [], contacts.get(student.id) ?? []),
      ),
    };
  });

  router.put('/:id', async (ctx) => {
    const student = {
      id: readId(ctx.params.id),
      ...readBody(studentInputSchema, ctx.request.body),
    };
    await putStudent(db, student, now().toISOString());
    ctx.body = student;
  });

  router.get('/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const student = await findStudent(db, id);
    if (!student) throw notFound('student', 'id');
    const newest = (await newestMeasures(db, 2, id)).get(id) ?? [];
    const contacts = (await newestContacts(db, PORTRAIT_CHECKS, id)).get(id) ?? [];
    const handFile: HandFile = {
      student,
      history: await checkSummaries(db, id),
      lastSeen: lastSeenOf(newest),
      standings: standingsOf(newest),
      contacts: mergeContacts(contacts.map((seen) => seen.contacts)),
    };
    ctx.body = handFile;
  });

  return router;
}
