import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { bundle, root } from './hashedFolder.mjs';

/** Writes what makes a practice card live into the built app: script and style as texts with their hashes, and the script for the lesson. */
const dist = join(root, 'app/dist/card');
const hashOf = (text) => `sha256-${createHash('sha256').update(text).digest('base64')}`;

const script = new TextDecoder()
  .decode(
    await bundle('card/src/runtime/card.ts', {
      format: 'iife',
      minify: true,
      target: ['chrome92', 'safari15.4'],
      legalComments: 'none',
    }),
  )
  // A closing tag inside the script would end it.
  .replace(/<\/script/g, '<\\/script')
  .trim();
const style = (
  await build({
    stdin: { contents: readFileSync(join(root, 'card/src/page/card.css'), 'utf8'), loader: 'css' },
    minify: true,
    write: false,
  })
).outputFiles[0].text.trim();

mkdirSync(dist, { recursive: true });
writeFileSync(join(dist, 'card.js'), script);
writeFileSync(
  join(dist, 'parts.json'),
  JSON.stringify({ script, scriptHash: hashOf(script), style, styleHash: hashOf(style) }),
);
console.log(`The practice card: ${((script.length + style.length) / 1024).toFixed(0)} KB`);
