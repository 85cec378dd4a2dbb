import { runStudioTool } from './studioTool.mjs';

/** Writes the teacher's studio into one file, or into the folder of its backups where none is named. It works while the studio runs. */
await runStudioTool('backup', { args: process.argv.slice(2) });
