import { lazyPart } from '../../foundation/kit/lazyPart';

/** Why the studio may not answer: its program comes while it still does, so that it is there when it does not. */
export const Trouble = lazyPart<object>(
  async () => (await import('./trouble/TroubleScreen')).TroubleScreen,
  () => ({ minHeight: 200 }),
);
