import { Buffer } from 'node:buffer';
import { createHash } from 'node:crypto';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** A program in one file, as its bytes. */
export const bundle = async (entry, options) =>
  (await build({ entryPoints: [join(root, entry)], bundle: true, write: false, ...options }))
    .outputFiles[0].contents;

/** A classic worker: it may load further scripts of its own. */
export const bundleWorker = async (entry) =>
  Buffer.from(
    await bundle(entry, {
      format: 'iife',
      minify: true,
      target: 'chrome110',
      legalComments: 'inline',
      external: ['node:*'],
      logOverride: { 'empty-import-meta': 'silent' },
    }),
  );

/**
 * Writes files into the built app, in a folder named after their content so that browsers may keep it.
 *
 * @param name the folder's, below app/dist
 * @param contents bytes by file name
 * @returns address, size and hash of each by file name
 */
export function writeHashedFolder(name, contents) {
  const dist = join(root, 'app/dist', name);
  const whole = createHash('sha256');
  for (const [file, content] of Object.entries(contents)) whole.update(file).update(content);
  const folder = whole.digest('hex').slice(0, 16);
  rmSync(dist, { recursive: true, force: true });
  mkdirSync(join(dist, folder), { recursive: true });
  return Object.fromEntries(
    Object.entries(contents).map(([file, content]) => {
      writeFileSync(join(dist, folder, file), content);
      const sha256 = createHash('sha256').update(content).digest('hex');
      return [file, { address: `/${name}/${folder}/${file}`, bytes: content.length, sha256 }];
    }),
  );
}
