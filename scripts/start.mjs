import { serve } from './serve.mjs';

/**
 * Installs, builds and serves the teacher's own studio, which begins empty, on one port of this machine; with `--phones` it lets phones of
 * the house in as well.
 */
if (process.argv.includes('--phones')) process.env.PHONES = 'on';
await serve({ kind: 'studio', startedBy: 'npm start', port: 8081 });
