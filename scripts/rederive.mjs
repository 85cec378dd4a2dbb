import { join } from 'node:path';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, run } from './steps.mjs';

/** Works everything out anew that is worked out of the studio's facts. Stop the studio first. */
await installIfNeeded();
await buildIfNeeded();
const dataDir = process.env.DATA_DIR ?? join(root, 'data');
const { command, env } = serverCommand({ port: 0, dataDir });
const { code } = await run(command, [join(root, 'server/dist/rederive.mjs')], {
  env: { ...env, DEMO_STUDIO: '' },
});
process.exit(code);
