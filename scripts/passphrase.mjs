import { join } from 'node:path';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, run } from './steps.mjs';

/** Writes down a one-time link for whoever lost the passphrase of the teacher's studio; with a name, for that person. It works while the studio runs. */
await installIfNeeded();
await buildIfNeeded();
const { command, env } = serverCommand({
  port: process.env.PORT ?? 8081,
  kind: 'studio',
  startedBy: 'npm run passphrase',
});
const { code } = await run(
  command,
  [join(root, 'server/dist/passphrase.mjs'), ...process.argv.slice(2)],
  { env },
);
process.exit(code);
