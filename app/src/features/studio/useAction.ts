import { useState } from 'react';

/** Something that an owner does at once; it tells in words why it failed. */
export function useAction(onDone: () => void) {
  const [problem, setProblem] = useState<string | null>(null);
  const run = (action: () => Promise<unknown>) => {
    setProblem(null);
    void action().then(onDone, (error: unknown) =>
      setProblem(error instanceof Error ? error.message : String(error)),
    );
  };
  return { problem, run };
}
