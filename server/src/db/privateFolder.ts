import { chmodSync, existsSync, lstatSync, mkdirSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Makes a folder and all that is in it readable by its owner alone: it holds children's photographs. What is made later is so by the
 * process's own mask.
 */
export function privateFolder(folder: string): void {
  process.umask(0o077);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  close(folder);
}

function close(path: string): void {
  const status = existsSync(path) ? lstatSync(path) : null;
  if (!status || status.isSymbolicLink()) return;
  const wanted = status.isDirectory() ? 0o700 : 0o600;
  if ((status.mode & 0o777) !== wanted) chmodSync(path, wanted);
  if (status.isDirectory()) readdirSync(path).forEach((name) => close(join(path, name)));
}
