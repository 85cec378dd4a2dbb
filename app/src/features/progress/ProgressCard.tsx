import { lazyPart } from '../../foundation/kit/lazyPart';
import type { ProgressCardProps } from './ProgressCardView';

/** The weeks in the hand file. They come after it: charts and tracking are not needed to see how a hold stands now. */
export const ProgressCard = lazyPart<ProgressCardProps>(
  async () => (await import('./progressChunk')).ProgressCardView,
  () => ({ minHeight: 0 }),
);
