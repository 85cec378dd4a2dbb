import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { brotliCompress, constants } from 'node:zlib';

/**
 * Lays a packed copy beside each file of the built app that is packed well, as small as it can be: whoever asks for one gets it without the studio having to
 * pack it. Last of all, because a page that is still changed would be another one.
 */
const dist = fileURLToPath(new URL('../app/dist', import.meta.url));
/** The hand finder and the planner come once in the life of a device, and take long to pack. */
const LEFT_ALONE = new Set(['vision', 'planner']);
const PACKED = /\.(html|js|css|json|ttf|svg|webmanifest)$/;
/** Less than this is sent in one piece anyway. */
const LEAST_BYTES = 1024;
const pack = promisify(brotliCompress);

const filesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return LEFT_ALONE.has(entry.name) ? [] : filesIn(path);
    return PACKED.test(entry.name) && statSync(path).size >= LEAST_BYTES ? [path] : [];
  });

let [before, after] = [0, 0];
await Promise.all(
  filesIn(dist).map(async (path) => {
    const bytes = readFileSync(path);
    const packed = await pack(bytes, {
      params: {
        [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
      },
    });
    writeFileSync(`${path}.br`, packed);
    before += bytes.length;
    after += packed.length;
  }),
);
console.log(`Packed: ${(before / 1024).toFixed(0)} KB as ${(after / 1024).toFixed(0)} KB`);
