import { answers } from '@open-palm/words/answers';
import type { Middleware } from 'koa';
import helmet from 'koa-helmet';
import { Problem } from '../problem';

const WRITES = new Set(['PUT', 'POST', 'PATCH', 'DELETE']);

/**
 * What a page of the studio may do in a browser, and who may show it: its own scripts alone, with the programs that find hands; nothing from elsewhere,
 * in nobody's frame; the camera for itself, the microphone for nobody.
 */
export const headers: Middleware = async (ctx, next) => {
  ctx.set('Permissions-Policy', 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()');
  // What is asked of the studio is of children: no browser keeps it but where the app itself puts it.
  if (ctx.path.startsWith('/api/')) ctx.set('Cache-Control', 'no-store');
  await sealed(ctx, next);
};

const sealed = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      workerSrc: ["'self'", 'blob:'],
      connectSrc: ["'self'", 'blob:', 'data:'],
      imgSrc: ["'self'", 'blob:', 'data:'],
      mediaSrc: ["'self'", 'blob:'],
      styleSrc: ["'self'", "'unsafe-inline'"],
      fontSrc: ["'self'", 'data:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'none'"],
      frameAncestors: ["'none'"],
    },
  },
  crossOriginOpenerPolicy: { policy: 'same-origin' },
  crossOriginResourcePolicy: { policy: 'same-origin' },
  referrerPolicy: { policy: 'no-referrer' },
  xFrameOptions: { action: 'deny' },
  // The studio speaks plain HTTP to its own machine.
  strictTransportSecurity: false,
});

/**
 * Writes come from the studio's own page: the browser says so, or the page's whole origin, port included, is the one that is asked. Any other page, on
 * another port of this machine too, changes nothing.
 */
export const ownPageOnly: Middleware = async (ctx, next) => {
  const isOwn =
    ctx.get('Sec-Fetch-Site') === 'same-origin' ||
    ctx.get('Origin') === `${ctx.protocol}://${ctx.host}`;
  if (WRITES.has(ctx.method) && !isOwn) {
    throw new Problem(403, 'foreignPage', answers.foreignPage, 'Origin');
  }
  await next();
};
