import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import * as collection from '@mdi/js';

/**
 * Writes the icons that the app shows, and no others, as drawings of one path each: `npm run glyphs`. A name is an icon's where it stands in quotes on a line that
 * speaks of one (or the line after it), and the collection has it.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const NAME = /['"]([a-z][a-z0-9]*(?:-[a-z0-9]+)*)['"]/g;
const SPEAKS_OF_ONE = /icon|glyph/i;

/** Names of icons that stand in a text. */
export function namesIn(text) {
  const lines = text.split('\n').filter((line) => !/^import|^} from/.test(line));
  return lines.flatMap((line, i) =>
    SPEAKS_OF_ONE.test(line) || SPEAKS_OF_ONE.test(lines[i - 1] ?? '')
      ? [...line.matchAll(NAME)].flatMap(([, name]) => (pathOf(name) === undefined ? [] : [name]))
      : [],
  );
}

const paths = new Map(Object.entries(collection));
const pathOf = (name) =>
  paths.get(`mdi-${name}`.replace(/-([a-z0-9])/g, (_, letter) => letter.toUpperCase()));

const sources = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sources(path);
    const isOne = /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$|^glyphs\.ts$/.test(entry.name);
    return isOne ? [path] : [];
  });

/** The file as it is to be. */
export function glyphsFile() {
  const files = [join(root, 'app/src'), join(root, 'app/app')].flatMap(sources);
  const names = new Set(files.flatMap((path) => namesIn(readFileSync(path, 'utf8'))));
  const lines = [...names].sort().map((name) => `  '${name}': '${pathOf(name)}',`);
  return `/** Every icon of the app as one path in a square of 24: Material Design Icons (Apache-2.0). Written by \`npm run glyphs\`. */
// prettier-ignore
export const GLYPHS = {
${lines.join('\n')}
} as const;

/** An icon's name. */
export type GlyphName = keyof typeof GLYPHS;
`;
}

export const GLYPHS_FILE = join(root, 'app/src/foundation/kit/glyphs.ts');

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  writeFileSync(GLYPHS_FILE, glyphsFile());
}
