import { Worker } from 'node:worker_threads';
import type { Knex } from 'knex';
import type { ImportPreview } from '@open-palm/contract/exchange';
import type { ErasedIds } from '../erase/erasedIds';
import { goneFrom } from '../erase/refuseErased';
import { batchCount, batchesOf, type Brought } from './importBatches';
import { planImport } from './importPlan';
import type { PlanSettings } from './plan';

/** A file that was read: what importing it would do, and what it brings, piece by piece. */
export interface ReadImport {
  preview: ImportPreview;
  /** How many pieces there are. */
  pieces: number;
  /** The next piece; null after the last. */
  next(): Promise<Brought | null>;
  /** Gives back what it holds, whether it was brought in or not. */
  close(): void;
}

export interface ReadOptions {
  /** Ends the reading. */
  signal: AbortSignal;
  onShare: (share: number) => void;
}

/** Reads files that are to be imported: in a thread of its own, or on the spot. */
export type ImportReader = (
  bytes: Uint8Array,
  settings: PlanSettings,
  options: ReadOptions,
) => Promise<ReadImport>;

/** On the spot: for tests. */
export const readerInline =
  ({ reader, erased }: { reader: Knex; erased: ErasedIds }): ImportReader =>
  async (bytes, settings, { signal, onShare }) => {
    const isGone = await goneFrom(reader, erased);
    const plan = await planImport(reader, bytes, { ...settings, isGone }, onShare);
    signal.throwIfAborted();
    const pieces = batchesOf(plan);
    return {
      preview: plan.preview,
      pieces: batchCount(plan),
      next: () => Promise.resolve(pieces.next().value ?? null),
      close: () => undefined,
    };
  };

export interface PlanOrder {
  dataDir: string;
  bytes: Uint8Array;
  settings: PlanSettings;
}

/** What the thread says; it gives the next piece when it is asked for it. */
export type PlanSaid =
  | { share: number }
  | { preview: ImportPreview; pieces: number }
  | { piece: Brought | null }
  | { fault: string };

/**
 * In a thread of its own with a connection of its own: the studio goes on answering, however large the file is.
 *
 * @param file the built thread
 */
export const readerInThread =
  (file: string, dataDir: string): ImportReader =>
  (bytes, settings, { signal, onShare }) => {
    signal.throwIfAborted();
    const order: PlanOrder = { dataDir, bytes, settings };
    const thread = new Worker(file, { workerData: order });
    const close = () => void thread.terminate();
    let waiting: { resolve: (piece: Brought | null) => void; reject: (why: Error) => void };
    return new Promise<ReadImport>((resolve, reject) => {
      const fail = (why: Error) => {
        close();
        reject(why);
        waiting?.reject(why);
      };
      signal.addEventListener('abort', () => fail(signal.reason as Error), { once: true });
      thread.once('error', fail);
      thread.once('exit', () => fail(new Error('the thread that read the file left')));
      thread.on('message', (said: PlanSaid) => {
        if ('share' in said) onShare(said.share);
        else if ('piece' in said) waiting.resolve(said.piece);
        else if ('fault' in said) fail(new Error(said.fault));
        else {
          const next = () =>
            new Promise<Brought | null>((give, refuse) => {
              waiting = { resolve: give, reject: refuse };
              thread.postMessage('next');
            });
          resolve({ preview: said.preview, pieces: said.pieces, next, close });
        }
      });
    });
  };
