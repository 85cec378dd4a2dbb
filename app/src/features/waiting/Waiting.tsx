import { lazyPart } from '../../foundation/kit/lazyPart';

/** What waits on this device: its program comes when somebody looks at it. */
export const Waiting = lazyPart<object>(
  async () => (await import('./WaitingScreen')).WaitingScreen,
  () => ({ minHeight: 200 }),
);
