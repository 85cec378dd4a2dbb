import { useEffect, useRef, useState } from 'react';
import type { RestorePreview, RestoreState } from '@open-palm/contract';
import { restorePreviewSchema, restoreStateSchema } from '@open-palm/contract/backup';
import { post } from '../../../foundation/api/access';
import { ApiProblem, ask } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';
import { forgetRememberedAnswers } from '../../../foundation/api/rememberedAnswers';

/** How often it is asked how far a restore is, ms. */
const ASKED_MS = 700;

/** Putting a backup back, as far as it is. */
export type Restore =
  | { step: 'idle' }
  | { step: 'looking' }
  | { step: 'shown'; preview: RestorePreview }
  | { step: 'unpacking' | 'moving'; madeAt: string }
  | { step: 'done'; madeAt: string; aside: string | null }
  | { step: 'failed'; problem: string };

/** Looks through a backup, and puts it in the place of the studio once a person has seen what it holds. */
export function useRestore() {
  const [state, setState] = useState<Restore>({ step: 'idle' });
  const left = useRef(false);
  useEffect(() => {
    // Whoever had to sign in again comes back here, and is told how it ended.
    void ask(restoreStateSchema, paths.restore).then(
      ({ step, madeAt, aside }) => {
        if (step !== 'done' || madeAt === null) return;
        setState((now) => (now.step === 'idle' ? { step, madeAt, aside } : now));
      },
      () => undefined,
    );
    return () => {
      left.current = true;
    };
  }, []);
  const failed = (error: unknown) =>
    setState({ step: 'failed', problem: error instanceof Error ? error.message : String(error) });

  async function look(from: { name: string } | { file: File }): Promise<void> {
    setState({ step: 'looking' });
    try {
      setState({ step: 'shown', preview: await lookedAt(from) });
    } catch (error) {
      failed(error);
    }
  }

  async function accept({ token, madeAt }: RestorePreview): Promise<void> {
    setState({ step: 'unpacking', madeAt });
    try {
      await post(restoreStateSchema, paths.restoreOf(token));
      for (;;) {
        await new Promise((resolve) => setTimeout(resolve, ASKED_MS));
        if (left.current) return;
        const now = await howFar();
        if (now === 'moving') setState({ step: 'moving', madeAt });
        else if (now.step === 'failed') return failed(new Error(now.problem ?? ''));
        else if (now.step === 'done') {
          // What this device remembers is of the studio that was here before.
          forgetRememberedAnswers();
          return setState({ step: 'done', madeAt, aside: now.aside });
        }
      }
    } catch (error) {
      failed(error);
    }
  }

  return { state, look, accept, dismiss: () => setState({ step: 'idle' }) };
}

const lookedAt = (from: { name: string } | { file: File }): Promise<RestorePreview> =>
  ask(restorePreviewSchema, paths.restoreLook('name' in from ? from.name : undefined), {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream' },
    ...('file' in from ? { body: from.file } : {}),
  });

type Further = Pick<RestoreState, 'step' | 'problem' | 'aside'>;

/** While the studio is closed and opened it does not answer; and whoever was signed in is not any more when it does. */
async function howFar(): Promise<Further | 'moving'> {
  try {
    const now = await ask(restoreStateSchema, paths.restore);
    return now.step === 'moving' ? 'moving' : now;
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error;
    if (error.status === 401 || error.status === 403) {
      // The door stands before a page that knows nothing of what was here before.
      forgetRememberedAnswers();
      window.location.reload();
    }
    return 'moving';
  }
}
