import { lazyPart } from '../../foundation/kit/lazyPart';

/** The screen of the weeks. */
export const Weeks = lazyPart<{ studentId: string; setupId?: string; family?: string }>(
  async () => (await import('./progressChunk')).WeeksScreen,
  () => ({ minHeight: 200 }),
);
