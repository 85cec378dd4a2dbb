import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { MEASURE_IDS } from '@open-palm/core/measure';
import { figures } from '.';

const docs = join(__dirname, '../../docs');
const page = readFileSync(join(docs, 'measures.md'), 'utf8');

describe('the figures of docs/measures.md', () => {
  it.each(Object.keys(figures))(
    '%s is what the program draws today, and stands in the text',
    (name) => {
      const kept = readFileSync(join(docs, 'figures', `${name}.svg`), 'utf8');
      // npm run figures writes them.
      expect(kept).toBe(figures[name]);
      expect(page).toContain(`](figures/${name}.svg)`);
    },
  );

  it('are all there are', () => {
    const kept = readdirSync(join(docs, 'figures')).map((file) => file.replace('.svg', ''));
    expect(kept.sort()).toEqual(Object.keys(figures).sort());
  });

  it('leave no measure unexplained', () => {
    for (const id of MEASURE_IDS) expect(page).toContain(`\`${id}\``);
  });
});
