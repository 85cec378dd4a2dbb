import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bundleWorker, root, writeHashedFolder } from './hashedFolder.mjs';

/** Writes what plans the practice into the built app: its worker, and the solver out of the package that carries it. */
const solver = join(root, 'node_modules/highs');
const listed = writeHashedFolder('planner', {
  'plan.worker.js': await bundleWorker('app/src/foundation/workers/planner/plan.worker.ts'),
  'highs.wasm': readFileSync(join(solver, 'build/highs.wasm')),
  'LICENCE.txt': readFileSync(join(solver, 'LICENSE')),
});
writeFileSync(
  join(root, 'app/dist/planner/files.json'),
  JSON.stringify({
    worker: listed['plan.worker.js'].address,
    solver: listed['highs.wasm'].address,
  }),
);
