import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { format } from 'prettier';
import { adviceBook } from './adviceBook';

describe('docs/advice.md', () => {
  it('is what the app says (npm run advice writes it)', async () => {
    const written = readFileSync(join(__dirname, '../../../../docs/advice.md'), 'utf8');
    const told = await format(adviceBook(), { parser: 'markdown', printWidth: 100 });
    expect(words(told)).toEqual(words(written));
  }, 30_000);
});

/** However it is broken into lines. */
const words = (text: string) => text.split(/\s+/).filter((word) => word !== '');
