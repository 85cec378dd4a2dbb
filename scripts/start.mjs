import { serve } from './serve.mjs';

/** Installs, builds and serves the teacher's own studio, which begins empty, on one port of this machine. */
await serve({ kind: 'studio', startedBy: 'npm start', port: 8081 });
