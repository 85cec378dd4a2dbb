import { lazyPart } from '../kit/lazyPart';

/** The screen of the weeks. */
export const Weeks = lazyPart<{ studentId: string; setupId?: string; family?: string }>(
  async () => (await import('./weeksChunk')).WeeksScreen,
  () => ({ minHeight: 200 }),
);
