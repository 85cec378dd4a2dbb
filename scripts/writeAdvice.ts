import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { adviceBook } from '../app/src/assessment/advice/adviceBook';

/** Writes docs/advice.md: what the app says, hold by hold. */
writeFileSync(join(import.meta.dirname, '../docs/advice.md'), adviceBook());
