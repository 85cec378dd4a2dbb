import { join } from 'node:path';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, run } from './steps.mjs';

/** Puts a backup in the place of the teacher's studio; what was there is set aside. Stop the studio first. */
await installIfNeeded();
await buildIfNeeded();
const { command, env } = serverCommand({
  port: process.env.PORT ?? 8081,
  kind: 'studio',
  startedBy: 'npm start',
});
const { code } = await run(
  command,
  [join(root, 'server/dist/restore.mjs'), ...process.argv.slice(2)],
  { env },
);
process.exit(code);
