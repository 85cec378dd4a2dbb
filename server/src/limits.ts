import type { Server } from 'node:http';
import type { Server as SecureServer } from 'node:https';

/** Longest head of a request, bytes: cookies and ids need a fraction of it. */
export const HEAD_BYTES = 16 * 1024;
/** More connections than a studio's devices ever hold. */
const MOST_CONNECTIONS = 500;

/**
 * Whoever says nothing, or never comes to an end, does not hold a connection for ever. A picture on a slow network has longer here than the
 * device that sends it waits (three minutes): what is cut off each time would never arrive.
 */
export function withLimits(server: Server | SecureServer): void {
  server.headersTimeout = 10_000;
  server.requestTimeout = 300_000;
  server.keepAliveTimeout = 30_000;
  server.maxConnections = MOST_CONNECTIONS;
  server.maxHeadersCount = 100;
}
