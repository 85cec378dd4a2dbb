import { chmodSync, existsSync, lstatSync, mkdirSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** What in the folder is the studio's own: nothing else is touched, whatever folder somebody names. */
const OWN =
  /^((studio|access)\.sqlite(-wal|-shm)?|authority|access\.log|\d{8}-.*access\.log|lock\.sqlite(-journal)?|pictures|outbox|bin|erased\.json|set-aside|backups|backup-work-.*|restore-incoming|restore\.json)$/;

/**
 * Makes the studio's folder and what is the studio's in it readable by its owner alone: it holds children's photographs. What is made
 * later is so by the process's own mask.
 */
export function privateFolder(folder: string): void {
  process.umask(0o077);
  const isOurs = !existsSync(folder) || existsSync(join(folder, 'studio.sqlite'));
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  if (isOurs) chmodSync(folder, 0o700);
  for (const name of readdirSync(folder)) if (OWN.test(name)) close(join(folder, name));
}

function close(path: string): void {
  const status = lstatSync(path);
  if (status.isSymbolicLink()) return;
  const wanted = status.isDirectory() ? 0o700 : 0o600;
  if ((status.mode & 0o777) !== wanted) chmodSync(path, wanted);
  if (status.isDirectory()) readdirSync(path).forEach((name) => close(join(path, name)));
}
