import type { ImportProgress } from '@open-palm/contract/exchange';
import { answers } from '@open-palm/words/answers';
import { Problem } from '../problem';
import type { ReadOptions } from './importReader';

/** Imports that are under way, each under an id of its page's own: how far each is, and a way to end it. */
export interface ImportDesk {
  progress(id: string): ImportProgress;
  /** Ends it, unless it is done; nothing of it is kept then. */
  cancel(id: string): void;
  /**
   * Does an import's work under an id.
   *
   * @throws Problem `cancelled`
   */
  during<Answer>(
    id: string | null,
    work: (options: ReadOptions & { onBringing: (share: number) => void }) => Promise<Answer>,
  ): Promise<Answer>;
}

const NOTHING: ImportProgress = { step: 'none', share: 0 };

export function openImportDesk(): ImportDesk {
  const underWay = new Map<string, { progress: ImportProgress; ends: AbortController }>();
  return {
    progress: (id) => underWay.get(id)?.progress ?? NOTHING,
    cancel: (id) => underWay.get(id)?.ends.abort(cancelled()),
    async during(id, work) {
      const one = {
        progress: { step: 'reading', share: 0 } as ImportProgress,
        ends: new AbortController(),
      };
      if (id !== null) underWay.set(id, one);
      try {
        return await work({
          signal: one.ends.signal,
          onShare: (share) => (one.progress = { step: 'reading', share }),
          onBringing: (share) => (one.progress = { step: 'bringing', share }),
        });
      } finally {
        if (id !== null) underWay.delete(id);
      }
    },
  };
}

const cancelled = () => new Problem(409, 'cancelled', answers.cancelled, '');
