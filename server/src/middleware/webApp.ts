import { existsSync } from 'node:fs';
import { extname } from 'node:path';
import type Koa from 'koa';
import send from 'koa-send';
import serve from 'koa-static';

const YEAR_SECONDS = 31_536_000;
/** Files whose names carry a hash of their content. */
const HASHED = /[\\/](_expo|assets|vision[\\/][0-9a-f]{16})[\\/]/;

/** Serves the built app: hashed files for good, and the page itself for every address of a screen. */
export function serveWebApp(app: Koa, webDir: string): void {
  if (!existsSync(webDir)) return;
  app.use(
    serve(webDir, {
      index: 'index.html',
      setHeaders(response, path) {
        const kept = HASHED.test(path);
        response.setHeader(
          'Cache-Control',
          kept ? `public, max-age=${YEAR_SECONDS}, immutable` : 'no-cache',
        );
      },
    }),
  );
  app.use(async (ctx, next) => {
    const isScreen =
      ctx.method === 'GET' && !ctx.path.startsWith('/api/') && extname(ctx.path) === '';
    if (!isScreen) return next();
    ctx.set('Cache-Control', 'no-cache');
    await send(ctx, 'index.html', { root: webDir });
  });
}
