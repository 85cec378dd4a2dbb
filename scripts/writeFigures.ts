import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { figures } from './figures';

/** Writes docs/figures. */
const folder = join(fileURLToPath(new URL('..', import.meta.url)), 'docs/figures');
mkdirSync(folder, { recursive: true });
for (const [name, svg] of Object.entries(figures)) writeFileSync(join(folder, `${name}.svg`), svg);
console.log(`${Object.keys(figures).length} figures`);
