import { answers } from '@open-palm/words/answers';
import { HEADERS } from '@open-palm/contract';
import type { Context, Middleware } from 'koa';
import { Problem } from '../problem';
import { isAllowed, ruleOf } from './policy';
import { whoAsks, type DoorParts, type Visitor } from './visitor';

/** Who asks, once the door has let them through. */
export const visitorOf = (ctx: Context): Visitor => ctx.state.visitor as Visitor;

/** Lets through who may ask for what is asked for, and takes nothing under another's name. */
export const door =
  (parts: DoorParts): Middleware =>
  async (ctx, next) => {
    if (!ctx.path.startsWith('/api/')) return next();
    const asked = ruleOf(ctx.method, ctx.path);
    // What is at no address of the studio is nobody's.
    if (!asked) throw new Problem(404, 'notFound', answers.noAddress, ctx.path);
    const visitor = await whoAsks(ctx, parts);
    ctx.state.visitor = visitor;
    const { standing, person } = visitor;
    if (!isAllowed(asked.rule, standing, person?.role ?? null)) throw refusalOf(visitor);
    const author = ctx.get(HEADERS.author);
    if (author !== '' && ctx.method !== 'GET' && person !== null && author !== person.id) {
      throw new Problem(403, 'otherAuthor', answers.otherAuthor, HEADERS.author);
    }
    await next();
  };

function refusalOf({ standing, device }: Visitor): Problem {
  switch (standing) {
    case 'new':
      return new Problem(403, 'notBegun', answers.notBegun, '');
    case 'unknown':
      return device === null
        ? new Problem(401, 'unknownDevice', answers.unknownDevice, '')
        : new Problem(401, 'deviceOut', answers.deviceOut, '');
    case 'asks':
      return new Problem(401, 'deviceAsks', answers.deviceAsks, '');
    case 'locked':
      return new Problem(401, 'locked', answers.locked, '');
    case 'out':
      return new Problem(401, 'signedOut', answers.signedOut, '');
    default:
      return new Problem(403, 'ownerOnly', answers.ownerOnly, '');
  }
}
