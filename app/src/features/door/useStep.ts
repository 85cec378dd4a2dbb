import { useState } from 'react';

/** A step at the door, as it stands: under way, or failed with the studio's words. */
export interface Step {
  busy: boolean;
  problem: string | null;
  take: () => void;
}

/** A step that asks the studio. */
export function useStep(step: () => Promise<unknown>): Step {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async () => {
    setBusy(true);
    setProblem(null);
    try {
      await step();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(false);
    }
  };
  return { busy, problem, take: () => void take() };
}

/** Goes to the studio's start from a one-time link, with nothing in memory of whoever was here before. */
export const enter = () => window.location.replace('/');
