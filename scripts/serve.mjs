import { spawn } from 'node:child_process';
import { obstacle } from './obstacle.mjs';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, say, StepFailed } from './steps.mjs';

/**
 * Installs and builds what is needed, and serves a studio until it is stopped.
 *
 * @param kind whose studio: 'demo', or 'studio' for the teacher's own
 * @param startedBy the command, for what is told when it has to be run otherwise
 * @param port unless PORT names another
 */
export async function serve({ kind, startedBy, port }) {
  const told = obstacle(startedBy);
  if (told) {
    console.error(told);
    process.exit(1);
  }
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
    port: process.env.PORT ?? port,
    kind,
    startedBy,
  });
  const server = spawn(command, args, { cwd: root, stdio: 'inherit', env });
  // Ctrl-C reaches the server as well, which stops by itself; this process only waits for it.
  process.on('SIGINT', () => {});
  process.on('SIGTERM', () => server.kill('SIGTERM'));
  server.once('exit', (code) => process.exit(code ?? 1));
}
