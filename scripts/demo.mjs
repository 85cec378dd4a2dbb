import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, say, StepFailed } from './steps.mjs';

/** Installs, builds, fills and serves the demo studio on one port of this machine. */
try {
  await installIfNeeded();
  await buildIfNeeded();
} catch (error) {
  if (!(error instanceof StepFailed)) throw error;
  console.error(error.message);
  process.exit(1);
}
say('Starting the studio …');
const { command, args, env } = serverCommand({
  port: process.env.PORT ?? 8080,
  dataDir: process.env.DATA_DIR ?? join(root, 'data'),
});
const server = spawn(command, args, { cwd: root, stdio: 'inherit', env });
// Ctrl-C reaches the server as well, which stops by itself; this process only waits for it.
process.on('SIGINT', () => {});
process.on('SIGTERM', () => server.kill('SIGTERM'));
server.once('exit', (code) => process.exit(code ?? 1));
