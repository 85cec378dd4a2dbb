import { Buffer } from 'node:buffer';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bundle, bundleWorker, root, writeHashedFolder } from './hashedFolder.mjs';

/** Writes the hand finder into the built app: its worker, the models and their runner out of the packages that carry them, and the list of them. */
const packages = join(root, 'node_modules');

const files = await import(
  `data:text/javascript;base64,${Buffer.from(
    await bundle('vision/litert/modelFiles.ts', { format: 'esm' }),
  ).toString('base64')}`
);
const read = (path) => readFileSync(join(packages, path));
const { PALM_MODEL, LANDMARK_MODEL, WASM_FOLDER } = files;

const contents = {
  'vision.worker.js': await bundleWorker('app/src/foundation/workers/vision/vision.worker.ts'),
  'palm.tflite': read(PALM_MODEL.file).subarray(PALM_MODEL.start, PALM_MODEL.end),
  'landmarks.tflite': read(LANDMARK_MODEL.file),
  'litert_wasm_internal.js': read(`${WASM_FOLDER}/litert_wasm_internal.js`),
  'litert_wasm_internal.wasm': read(`${WASM_FOLDER}/litert_wasm_internal.wasm`),
  'litert_wasm_compat_internal.js': read(`${WASM_FOLDER}/litert_wasm_compat_internal.js`),
  'litert_wasm_compat_internal.wasm': read(`${WASM_FOLDER}/litert_wasm_compat_internal.wasm`),
  'LICENCE.txt': readFileSync(join(root, 'vision/litert/LICENCE.txt')),
};

const listed = writeHashedFolder('vision', contents);
const runner = (name) => ({ script: listed[`${name}.js`], wasm: listed[`${name}.wasm`] });
writeFileSync(
  join(root, 'app/dist/vision/files.json'),
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
