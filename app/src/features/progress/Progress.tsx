import { lazyPart } from '../../foundation/kit/lazyPart';

/** The screen of the weeks. */
export const Progress = lazyPart<{ studentId: string; setupId?: string; family?: string }>(
  async () => (await import('./progressChunk')).ProgressScreen,
  () => ({ minHeight: 200 }),
);
