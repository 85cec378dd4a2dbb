import { lazyPart } from '../../foundation/kit/lazyPart';
import type { WeeksCardProps } from './ProgressCardView';

/** The weeks in the hand file. They come after it: charts and tracking are not needed to see how a hold stands now. */
export const WeeksCard = lazyPart<WeeksCardProps>(
  async () => (await import('./progressChunk')).WeeksCardView,
  () => ({ minHeight: 0 }),
);
