import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { evidencePage } from './evidence/evidencePage';

/** Writes docs/evidence.md: what every number rests on. */
const root = join(import.meta.dirname, '..');
writeFileSync(join(root, 'docs/evidence.md'), evidencePage(root));
