import { availableParallelism } from 'node:os';
import { runTask, type Outcome, type Task, type Tasks } from './runTask';

/** Where things are worked out: in threads of their own, or on the spot. */
export interface Runner {
  /** How many at a time. */
  threads: number;
  run<K extends keyof Tasks>(
    kind: K,
    facts: Tasks[K]['facts'],
  ): Promise<Outcome<Tasks[K]['answer']>>;
  close(): Promise<void>;
}

/** On the spot: for tests and tools. */
export const inlineRunner: Runner = {
  threads: 1,
  run: async (kind, facts) => runTask({ kind, facts } as Task) as never,
  close: async () => undefined,
};

/** How long a thread without work is kept, ms: its memory is given back after that. */
const IDLE_MS = 20_000;

/**
 * In threads of their own, one fewer than there are cores; the first one is started with the first work.
 *
 * @param file the built worker
 */
export function threadRunner(file: string): Runner {
  const threads = Math.max(1, availableParallelism() - 1);
  let pool: Promise<import('piscina').Piscina> | undefined;
  const open = async () => {
    const { Piscina } = await import('piscina');
    return new Piscina({
      filename: file,
      minThreads: 0,
      maxThreads: threads,
      idleTimeout: IDLE_MS,
      resourceLimits: { maxYoungGenerationSizeMb: 8 },
    });
  };
  return {
    threads,
    async run(kind, facts) {
      pool ??= open();
      return (await pool).run({ kind, facts }, { name: 'runTask' });
    },
    async close() {
      await (await pool)?.destroy();
    },
  };
}
