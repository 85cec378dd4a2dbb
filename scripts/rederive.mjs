import { runStudioTool } from './studioTool.mjs';

/** Works everything out anew that is worked out of the facts of the teacher's studio, or with `demo` the demo's. Stop it first. */
await runStudioTool('rederive', { kind: process.argv[2] === 'demo' ? 'demo' : 'studio' });
