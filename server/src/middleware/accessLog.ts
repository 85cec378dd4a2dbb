import type { Middleware } from 'koa';
import type { Listener } from '../access/listener';
import { ruleOf } from '../access/policy';

/** What is noted of a request: which address by its pattern, never an id, a name or a content. */
export interface Asked {
  at: string;
  route: string;
  status: number;
  ms: number;
  /** By which port. */
  by: Listener['kind'];
}

/** The address of a request as a pattern. */
export function routeOf(method: string, path: string): string {
  if (!path.startsWith('/api/')) return `${method} page`;
  return ruleOf(method, path)?.route ?? `${method} nowhere`;
}

/** Notes each request once it was answered. */
export const accessLog =
  (note: (asked: Asked) => void, listener: Listener, now: () => Date): Middleware =>
  async (ctx, next) => {
    const from = performance.now();
    await next();
    note({
      at: now().toISOString(),
      route: routeOf(ctx.method, ctx.path),
      status: ctx.status,
      ms: Math.round(performance.now() - from),
      by: listener.kind,
    });
  };
