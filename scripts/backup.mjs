import { join } from 'node:path';
import { serverCommand } from './serverCommand.mjs';
import { buildIfNeeded, installIfNeeded, root, run } from './steps.mjs';

/** Writes the teacher's studio into one file, or into the folder of its backups where none is named. It works while the studio runs. */
await installIfNeeded();
await buildIfNeeded();
const { command, env } = serverCommand({
  port: process.env.PORT ?? 8081,
  kind: 'studio',
  startedBy: 'npm start',
});
const { code } = await run(
  command,
  [join(root, 'server/dist/backup.mjs'), ...process.argv.slice(2)],
  { env },
);
process.exit(code);
