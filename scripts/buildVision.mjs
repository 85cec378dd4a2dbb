import { Buffer } from 'node:buffer';
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/**
 * Writes the hand finder into the built app: its worker, the models and their runner out of the packages that carry
 * them, in a folder named after their content so that browsers may keep it, and the list of them.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const packages = join(root, 'node_modules');
const dist = join(root, 'app/dist/vision');

const bundle = async (entry, options) =>
  (await build({ entryPoints: [join(root, entry)], bundle: true, write: false, ...options }))
    .outputFiles[0].contents;

const files = await import(
  `data:text/javascript;base64,${Buffer.from(
    await bundle('vision/litert/modelFiles.ts', { format: 'esm' }),
  ).toString('base64')}`
);
const read = (path) => readFileSync(join(packages, path));
const { PALM_MODEL, LANDMARK_MODEL, WASM_FOLDER } = files;

const contents = {
  'vision.worker.js': Buffer.from(
    await bundle('app/src/foundation/workers/vision/vision.worker.ts', {
      format: 'iife',
      minify: true,
      target: 'chrome110',
      legalComments: 'inline',
    }),
  ),
  'palm.tflite': read(PALM_MODEL.file).subarray(PALM_MODEL.start, PALM_MODEL.end),
  'landmarks.tflite': read(LANDMARK_MODEL.file),
  'litert_wasm_internal.js': read(`${WASM_FOLDER}/litert_wasm_internal.js`),
  'litert_wasm_internal.wasm': read(`${WASM_FOLDER}/litert_wasm_internal.wasm`),
  'litert_wasm_compat_internal.js': read(`${WASM_FOLDER}/litert_wasm_compat_internal.js`),
  'litert_wasm_compat_internal.wasm': read(`${WASM_FOLDER}/litert_wasm_compat_internal.wasm`),
  'LICENCE.txt': readFileSync(join(root, 'vision/litert/LICENCE.txt')),
};

const whole = createHash('sha256');
for (const [name, content] of Object.entries(contents)) whole.update(name).update(content);
const folder = whole.digest('hex').slice(0, 16);
rmSync(dist, { recursive: true, force: true });
mkdirSync(join(dist, folder), { recursive: true });
const listed = Object.fromEntries(
  Object.entries(contents).map(([name, content]) => {
    writeFileSync(join(dist, folder, name), content);
    const sha256 = createHash('sha256').update(content).digest('hex');
    return [name, { address: `/vision/${folder}/${name}`, bytes: content.length, sha256 }];
  }),
);
const runner = (name) => ({ script: listed[`${name}.js`], wasm: listed[`${name}.wasm`] });
writeFileSync(
  join(dist, 'files.json'),
  JSON.stringify({
    worker: listed['vision.worker.js'].address,
    palm: listed['palm.tflite'],
    landmarks: listed['landmarks.tflite'],
    runner: {
      newer: runner('litert_wasm_internal'),
      all: runner('litert_wasm_compat_internal'),
    },
  }),
);
const bytes = Object.values(contents).reduce((sum, { length }) => sum + length, 0);
console.log(
  `The hand finder: ${Object.keys(contents).length} files, ${(bytes / 1e6).toFixed(1)} MB`,
);
