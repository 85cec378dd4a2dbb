import { resolve } from 'node:path';

/**
 * What SQLite writes down for a while lies in the studio's own folder, which is as private as the studio, and not with everybody's. Called before a
 * database is opened for the first time.
 */
export function ownTemporaries(folder: string): void {
  process.env.SQLITE_TMPDIR = resolve(folder);
}
