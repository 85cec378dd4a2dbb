import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { HOLD_IDS } from '@open-palm/core/holds';
import { codeMarks } from './codeMarks';
import { dataNumbers } from './dataNumbers';
import { evidencePage } from './evidencePage';

const ROOT = join(__dirname, '../..');

describe('docs/evidence.md', () => {
  it('is what data and code say (npm run evidence writes it)', () => {
    expect(evidencePage(ROOT)).toBe(readFileSync(join(ROOT, 'docs/evidence.md'), 'utf8'));
  });

  it('has every hold, the number of a link, a constant with its sentence, and who reads a file', () => {
    const page = evidencePage(ROOT);
    for (const id of HOLD_IDS) expect(page).toContain(`| ${id}: thumbIpFlexion`);
    expect(page).toContain('| thumbOnItsPad → thumbStraight | 0.8 | practice |');
    const sure = codeMarks(ROOT, ['core/measure']).find(({ what }) => what === 'SURE')!;
    expect(sure).toMatchObject({ value: '0.8', evidence: 'memory' });
    expect(sure.decides).toBe('How sure a verdict has to be.');
    const friction = dataNumbers(ROOT).find(({ what }) => what === 'handForces.friction')!;
    expect(friction).toMatchObject({ value: '0.5', evidence: 'memory' });
    expect(friction.used).toMatch(/^core\/bow\/balance\//);
  });

  it('knows who reads each number', () => {
    for (const { what, used } of dataNumbers(ROOT)) expect([what, used]).not.toEqual([what, '']);
  });

  it('names the source of what it calls published', () => {
    const published = codeMarks(ROOT, ['core', 'records', 'vision']).filter(
      ({ evidence }) => evidence === 'published',
    );
    expect(published.length).toBeGreaterThan(5);
    for (const { source } of published) expect(source).not.toBe('');
  });
});
