import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { MEASURE_IDS } from '@open-palm/core/measure';
import { figures, figuresOf } from '.';

const docs = join(__dirname, '../../docs');
const pageOf = (name: string) => readFileSync(join(docs, name), 'utf8');

describe('the figures of the docs', () => {
  it.each(
    Object.entries(figuresOf).flatMap(([page, drawn]) =>
      Object.keys(drawn).map((name) => [name, page] as const),
    ),
  )('%s is what the program draws today, and stands in %s', (name, page) => {
    const kept = readFileSync(join(docs, 'figures', `${name}.svg`), 'utf8');
    // npm run figures writes them.
    expect(kept).toBe(figures[name]);
    expect(pageOf(page)).toContain(`](figures/${name}.svg)`);
  });

  it('are all there are', () => {
    const kept = readdirSync(join(docs, 'figures')).map((file) => file.replace('.svg', ''));
    expect(kept.sort()).toEqual(Object.keys(figures).sort());
  });

  it('leave no measure unexplained', () => {
    for (const id of MEASURE_IDS) expect(pageOf('measures.md')).toContain(`\`${id}\``);
  });
});
