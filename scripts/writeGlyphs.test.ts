import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '..');
/** The script is a module of its own, and asked as one. */
const asked = (expression: string) =>
  execFileSync(
    process.execPath,
    [
      '--input-type=module',
      '-e',
      `import * as s from '${join(__dirname, 'writeGlyphs.mjs')}'; process.stdout.write(${expression})`,
    ],
    { encoding: 'utf8' },
  );

const sources = (folder: string): string[] =>
  readdirSync(join(root, folder), { recursive: true })
    .map(String)
    .filter((name) => name.endsWith('.tsx'))
    .map((name) => readFileSync(join(root, folder, name), 'utf8'));

it('draws the icons that the app names, and no others (npm run glyphs writes them)', () => {
  const kept = readFileSync(join(root, 'app/src/foundation/kit/glyphs.ts'), 'utf8');
  expect(kept).toBe(asked('s.glyphsFile()'));
});

it('has every icon that a button or a sign names', () => {
  const kept = readFileSync(join(root, 'app/src/foundation/kit/glyphs.ts'), 'utf8');
  const named = [...sources('app/src'), ...sources('app/app')].flatMap((text) =>
    [...text.matchAll(/\b(?:icon|source)="([a-z0-9-]+)"/g)].map(([, name]) => name!),
  );
  expect(named.length).toBeGreaterThan(60);
  expect(named.filter((name) => !kept.includes(`'${name}':`))).toEqual([]);
});

it('knows a name only where an icon is spoken of, and the collection has it', () => {
  const text = `<Button icon="plus" />\n<Icon\n  source={a ? 'lock' : 'no-such-icon'}\n/>\nconst words = 'close';`;
  expect(asked(`JSON.stringify(s.namesIn(${JSON.stringify(text)}))`)).toBe('["plus","lock"]');
});
