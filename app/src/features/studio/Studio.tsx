import { lazyPart } from '../../foundation/kit/lazyPart';

/** The studio's files: their program comes when somebody brings one in or takes one along. */
export const Studio = lazyPart<object>(
  async () => (await import('./StudioScreen')).StudioScreen,
  () => ({ minHeight: 200 }),
);
