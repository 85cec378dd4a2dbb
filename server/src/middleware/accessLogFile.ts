import { finished } from 'node:stream/promises';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';
import type { Asked } from './accessLog';

/** How long nothing is noted after the disk took nothing, ms. */
const PAUSE_MS = 60_000;

/** The file in which it stands what was asked for. */
export interface AccessLogFile {
  note(one: Asked): void;
  close(): Promise<void>;
}

/**
 * Opens it in a folder: a month of a busy studio, the oldest goes. A disk that takes nothing loses what would be noted, and nothing else: the studio goes on
 * answering.
 */
export function openAccessLog(folder: string, now: () => number = Date.now): AccessLogFile {
  let stream: RotatingFileStream | null = null;
  let notBefore = 0;

  function opened(): RotatingFileStream | null {
    if (stream !== null || now() < notBefore) return stream;
    const fresh = createStream('access.log', { path: folder, size: '1M', maxFiles: 5 });
    fresh.on('error', () => {
      if (stream === fresh) stream = null;
      notBefore = now() + PAUSE_MS;
    });
    return (stream = fresh);
  }

  return {
    note: (one) => void opened()?.write(`${JSON.stringify(one)}\n`),
    async close() {
      const closing = stream;
      stream = null;
      closing?.end();
      if (closing !== null) await finished(closing).catch(() => undefined);
    },
  };
}
