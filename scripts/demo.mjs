import { serve } from './serve.mjs';

/** Installs, builds, fills and serves the demo studio on one port of this machine. */
await serve({ kind: 'demo', startedBy: 'npm run demo', port: 8080 });
