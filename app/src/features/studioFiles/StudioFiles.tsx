import { lazyPart } from '../../kit/lazyPart';

/** The studio's files: their program comes when somebody brings one in or takes one along. */
export const StudioFiles = lazyPart<object>(
  async () => (await import('./StudioFilesScreen')).StudioFilesScreen,
  () => ({ minHeight: 200 }),
);
