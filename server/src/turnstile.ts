import type { IncomingMessage, RequestListener, ServerResponse } from 'node:http';

/** How long it is waited for what was asked before, ms: what takes longer is cut off, and its device asks again. */
const PATIENCE_MS = 10_000;

/** Lets requests in to whatever answers now, and knows how many are inside. */
export interface Turnstile {
  /** What every port answers by. */
  readonly listener: (to: () => RequestListener) => RequestListener;
  /** From now on nobody is let in; resolves when whoever was inside has left. */
  shut(): Promise<void>;
  open(): void;
}

/** @param message what whoever comes meanwhile is told */
export function createTurnstile(message: string): Turnstile {
  let isShut = false;
  const inside = new Set<ServerResponse>();
  let whenEmpty: (() => void) | null = null;

  function refuse(request: IncomingMessage, response: ServerResponse): void {
    request.resume();
    response.writeHead(503, { 'Content-Type': 'application/json', 'Retry-After': '3' });
    response.end(JSON.stringify({ error: { code: 'restoring', message, where: '' } }));
  }

  return {
    listener: (to) => (request, response) => {
      if (isShut) return refuse(request, response);
      inside.add(response);
      response.once('close', () => {
        inside.delete(response);
        if (inside.size === 0) whenEmpty?.();
      });
      to()(request, response);
    },
    async shut() {
      isShut = true;
      if (inside.size === 0) return;
      let timer: NodeJS.Timeout | undefined;
      await new Promise<void>((resolve) => {
        whenEmpty = resolve;
        timer = setTimeout(resolve, PATIENCE_MS);
      });
      clearTimeout(timer);
      whenEmpty = null;
      for (const response of inside) response.destroy();
    },
    open() {
      isShut = false;
    },
  };
}
