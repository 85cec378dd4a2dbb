import { problemText } from '@open-palm/core/problem';
import { clip } from './clip';

/** What a schema says of an id that is in none of our lists. */
export const noSuch =
  (kind: 'sign' | 'cause' | 'test' | 'aid' | 'drill' | 'fault') =>
  ({ input }: { input?: unknown }): string =>
    problemText('noSuch', { kind, id: clip(String(input)) });
