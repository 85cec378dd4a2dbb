import { lazyPart } from '../../../foundation/kit/lazyPart';

/** Checking the ruler: its program comes when somebody does. */
export const Ruler = lazyPart<object>(
  async () => (await import('./RulerScreen')).RulerScreen,
  () => ({ minHeight: 200 }),
);
