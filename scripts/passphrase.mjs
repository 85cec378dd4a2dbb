import { runStudioTool } from './studioTool.mjs';

/** Writes down a one-time link for whoever lost the passphrase of the teacher's studio; with a name, for that person. It works while the studio runs. */
await runStudioTool('passphrase', { args: process.argv.slice(2) });
