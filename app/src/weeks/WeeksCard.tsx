import { lazyPart } from '../kit/lazyPart';
import type { WeeksCardProps } from './WeeksCardView';

/** The weeks in the hand file. They come after it: charts and tracking are not needed to see how a hold stands now. */
export const WeeksCard = lazyPart<WeeksCardProps>(
  async () => (await import('./weeksChunk')).WeeksCardView,
  () => ({ minHeight: 0 }),
);
