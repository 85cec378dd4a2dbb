import { join } from 'node:path';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, run } from './steps.mjs';

/** Runs one of the server's own programs on a studio of this machine, with what it was given, and leaves as it does. */
export async function runStudioTool(name, { kind = 'studio', args = [] } = {}) {
  await installIfNeeded();
  await buildIfNeeded();
  const { command, env } = serverCommand({
    port: process.env.PORT ?? 8081,
    kind,
    startedBy: `npm run ${name}`,
  });
  const { code } = await run(command, [join(root, `server/dist/${name}.mjs`), ...args], {
    // None of them invents students.
    env: { ...env, DEMO_STUDIO: '' },
  });
  process.exit(code);
}
