import { join } from 'node:path';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, run } from './steps.mjs';

/** Works everything out anew that is worked out of the facts of the teacher's studio, or with `demo` the demo's. Stop it first. */
await installIfNeeded();
await buildIfNeeded();
const kind = process.argv[2] === 'demo' ? 'demo' : 'studio';
const { command, env } = serverCommand({ port: 0, kind, startedBy: 'npm run rederive' });
const { code } = await run(command, [join(root, 'server/dist/rederive.mjs')], {
  env: { ...env, DEMO_STUDIO: '' },
});
process.exit(code);
