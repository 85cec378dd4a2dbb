import { lazyPart } from '../../foundation/kit/lazyPart';

/** The studio's files: their program comes when somebody brings one in or takes one along. */
export const StudioFiles = lazyPart<object>(
  async () => (await import('./StudioScreen')).StudioFilesScreen,
  () => ({ minHeight: 200 }),
);
