import { lazyPart } from '../../foundation/kit/lazyPart';

/** The screen of a term's page. */
export const Term = lazyPart<{ studentId: string; setupId?: string }>(
  async () => (await import('./term/TermScreen')).TermScreen,
  () => ({ minHeight: 200 }),
);
