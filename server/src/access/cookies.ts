import type { Context } from 'koa';

/** A browser keeps no cookie longer than this, s. */
const LONGEST_MS = 400 * 86_400_000;

/**
 * Names hold the studio's id, because ports of one machine share their cookies: two studios know nothing of each other. Over HTTPS the
 * browser itself sees to it that nothing else can set them (`__Host-`).
 */
const nameOf = (ctx: Context, what: 'session' | 'device', studioId: string): string =>
  `${ctx.secure ? '__Host-' : ''}open-palm-${what}-${studioId}`;

/** The token that came, or that was given in this very answer. */
export function readCookie(ctx: Context, what: 'session' | 'device', studioId: string): string {
  const given = givenIn(ctx)[what];
  return given === undefined ? (ctx.cookies.get(nameOf(ctx, what, studioId)) ?? '') : given;
}

const givenIn = (ctx: Context): Partial<Record<'session' | 'device', string>> =>
  (ctx.state.given ??= {});

/** @param token null takes it away */
export function writeCookie(
  ctx: Context,
  what: 'session' | 'device',
  studioId: string,
  token: string | null,
): void {
  givenIn(ctx)[what] = token ?? '';
  ctx.cookies.set(nameOf(ctx, what, studioId), token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: ctx.secure,
    path: '/',
    overwrite: true,
    ...(token === null ? {} : { maxAge: LONGEST_MS }),
  });
}
