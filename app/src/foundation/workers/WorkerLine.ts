import { proxy, releaseProxy, wrap, type Remote } from 'comlink';

/** Why a worker gives no answer any more. */
export type WorkerEnd =
  /** Its program broke, or could not be loaded. */
  | 'broken'
  /** It said something that could not be read. */
  | 'unreadable'
  /** It said nothing for too long. */
  | 'silent'
  /** Whoever asked has ended it. */
  | 'closed';

/** A worker that gives no answer. */
export class WorkerGone extends Error {
  constructor(readonly why: WorkerEnd) {
    super(`the worker is ${why}`);
    this.name = 'WorkerGone';
  }
}

/** So long a worker may say nothing while it is asked something, ms: an old phone takes seconds for the longest search. [memory] */
const SILENT_MS = 60_000;

/**
 * A line to a worker that offers `Api` by comlink. Every question is answered or refused: also when the worker breaks, says what
 * cannot be read, says nothing for too long, or is closed. A worker that is gone is ended, and stays so.
 */
export class WorkerLine<Api> {
  readonly #worker: Worker;
  readonly #remote: Remote<Api>;
  readonly #silentMs: number;
  readonly #open = new Set<(gone: WorkerGone) => void>();
  #gone: WorkerGone | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(worker: Worker, { silentMs = SILENT_MS }: { silentMs?: number } = {}) {
    this.#worker = worker;
    this.#silentMs = silentMs;
    this.#remote = wrap<Api>(worker);
    worker.addEventListener('error', () => this.#end('broken'));
    worker.addEventListener('messageerror', () => this.#end('unreadable'));
    worker.addEventListener('message', () => this.#listen());
  }

  /** Why it answers no more; null while it does. */
  get gone(): WorkerEnd | null {
    return this.#gone?.why ?? null;
  }

  /**
   * Asks the worker something.
   *
   * @throws WorkerGone
   * @throws what the worker itself threw, with its message
   */
  ask<Answer>(question: (api: Remote<Api>) => Promise<Answer>): Promise<Answer> {
    if (this.#gone) return Promise.reject(this.#gone);
    return new Promise((resolve, reject) => {
      this.#open.add(reject);
      this.#listen();
      question(this.#remote)
        .then(resolve, reject)
        .finally(() => {
          this.#open.delete(reject);
          this.#listen();
        });
    });
  }

  /**
   * Asks something that tells its share on the way, 0 to 1. The share comes on a wire of its own, and may arrive after the answer: it
   * is not told then.
   *
   * @throws WorkerGone
   */
  askTelling<Answer>(
    onShare: (share: number) => void,
    question: (api: Remote<Api>, onShare: (share: number) => void) => Promise<Answer>,
  ): Promise<Answer> {
    let isOpen = true;
    const tell = proxy((share: number) => {
      if (!isOpen || this.#gone) return;
      this.#listen();
      onShare(share);
    });
    return this.ask((api) => question(api, tell)).finally(() => {
      isOpen = false;
    });
  }

  close(): void {
    this.#end('closed');
  }

  #listen(): void {
    clearTimeout(this.#timer);
    if (this.#gone || this.#open.size === 0) return;
    this.#timer = setTimeout(() => this.#end('silent'), this.#silentMs);
  }

  #end(why: WorkerEnd): void {
    if (this.#gone) return;
    const gone = new WorkerGone(why);
    this.#gone = gone;
    clearTimeout(this.#timer);
    this.#remote[releaseProxy]();
    this.#worker.terminate();
    for (const refuse of this.#open) refuse(gone);
    this.#open.clear();
  }
}
