import { join } from 'node:path';

/** Where a kept picture lies. */
export const pictureFile = (folder: string, id: string): string => join(folder, `${id}.jpg`);
