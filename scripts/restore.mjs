import { runStudioTool } from './studioTool.mjs';

/** Puts a backup in the place of the teacher's studio; what was there is set aside. Stop the studio first. */
await runStudioTool('restore', { args: process.argv.slice(2) });
