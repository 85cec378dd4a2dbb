import { config } from 'zod/v4/core/core.js';

// The studio's page may not make programs out of text, and Zod would try at every start.
config({ jitless: true });

export * from 'zod/v4/core/core.js';
