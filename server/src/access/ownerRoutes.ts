import { Router } from '@koa/router';
import {
  nameOnlySchema,
  newCodeSchema,
  personInputSchema,
  phonesInputSchema,
  type PhonesAnswer,
  type Visitors,
} from '@open-palm/contract';
import { answers } from '@open-palm/words/answers';
import { notFound, Problem } from '../problem';
import { readBody, readId } from '../readBody';
import type { PhoneWay } from '../phones/phoneWay';
import { codeFor, letIn, putDeviceOut, refuseWithoutOwner, renameDevice } from './devices';
import { allPeople, findPerson, putPerson, setOut } from '../people/repo';
import { allDevices, dropCodes, endSessions, peopleWithPassphrase, renameSessions } from './repo';
import type { SessionParts } from './sessions';

/** Whom and what the owner lets in. */
export function ownerRoutes(
  parts: SessionParts & { phones: PhoneWay; publicOrigin?: string | undefined },
): Router {
  const { access, db, now, phones, publicOrigin } = parts;
  const router = new Router({ prefix: '/api/access' });

  /** Owners who can sign in, without one of them. */
  const ownersBut = async (id: string): Promise<number> => {
    const known = await peopleWithPassphrase(access);
    return (await allPeople(db)).filter(
      (one) => one.role === 'owner' && !one.isOut && one.id !== id && known.has(one.id),
    ).length;
  };

  /** Where a phone of the house finds the studio: by its name, or by a number where its system does not look for names. */
  const nearOrigin = (byNumber: boolean): string => {
    const [named, ...numbered] = openDoor().standing().origins;
    return (byNumber && numbered[0]) || named!;
  };

  const waysIn = (): PhonesAnswer => ({
    phones: phones.door()?.standing() ?? null,
    publicOrigin: publicOrigin ?? null,
  });

  const openDoor = () => {
    const door = phones.door();
    if (!door) throw new Problem(409, 'noPhones', answers.noPhones, '');
    return door;
  };

  router.get('/visitors', async (ctx) => {
    const known = await peopleWithPassphrase(access);
    const visitors: Visitors = {
      people: (await allPeople(db)).map((person) => ({
        ...person,
        hasPassphrase: known.has(person.id),
      })),
      devices: await allDevices(access),
    };
    ctx.body = visitors;
  });

  router.put('/people/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    const { name, role } = readBody(personInputSchema, ctx.request.body);
    if (role !== 'owner') refuseWithoutOwner(await ownersBut(id));
    await putPerson(db, { id, name, role }, now().toISOString());
    await setOut(db, id, null);
    await renameSessions(access, { id, name, role });
    ctx.body = { id };
  });

  router.post('/people/:id/out', async (ctx) => {
    const id = readId(ctx.params.id);
    if (!(await findPerson(db, id))) throw notFound('person', 'id');
    refuseWithoutOwner(await ownersBut(id));
    await setOut(db, id, now().toISOString());
    await endSessions(access, { person_id: id });
    await dropCodes(access, { person_id: id });
    ctx.body = { id };
  });

  router.post('/people/:id/code', async (ctx) => {
    ctx.body = await codeFor(parts, readId(ctx.params.id), 'passphrase', ctx.origin);
  });

  router.post('/codes', async (ctx) => {
    const { personId, byNumber } = readBody(newCodeSchema, ctx.request.body);
    ctx.body = await codeFor(parts, personId, 'device', publicOrigin ?? nearOrigin(byNumber));
  });

  router.put('/devices/:id', async (ctx) => {
    const id = readId(ctx.params.id);
    await renameDevice(parts, id, readBody(nameOnlySchema, ctx.request.body).name);
    ctx.body = { id };
  });
  router.post('/devices/:id/in', async (ctx) => {
    const id = readId(ctx.params.id);
    await letIn(parts, id);
    ctx.body = { id };
  });
  router.post('/devices/:id/out', async (ctx) => {
    const id = readId(ctx.params.id);
    await putDeviceOut(parts, id);
    ctx.body = { id };
  });

  router.get('/phones', (ctx) => {
    ctx.body = waysIn();
  });
  router.post('/phones', async (ctx) => {
    const { on } = readBody(phonesInputSchema, ctx.request.body);
    await (on ? phones.open() : phones.close());
    ctx.body = waysIn();
  });
  router.post('/phones/trust', async (ctx) => {
    await openDoor().openTrustPage();
    ctx.body = waysIn();
  });
  return router;
}
