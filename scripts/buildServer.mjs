import { cpSync, mkdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { basename } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/** Bundles the server, the worker of its threads and its tools with the project's own packages; what comes from the registry stays outside. */
const root = fileURLToPath(new URL('..', import.meta.url));
const { dependencies, entries } = JSON.parse(readFileSync(`${root}/server/package.json`, 'utf8'));

/** The app's own faces, for letters that the server prints. */
const faces = {
  'display.ttf': '@expo-google-fonts/besley/600SemiBold/Besley_600SemiBold.ttf',
  'text.ttf':
    '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
};
const { resolve } = createRequire(`${root}/app/package.json`);
mkdirSync(`${root}/server/dist/fonts`, { recursive: true });
for (const [name, face] of Object.entries(faces)) {
  cpSync(resolve(face), `${root}/server/dist/fonts/${name}`);
}

await build({
  absWorkingDir: root,
  entryPoints: Object.fromEntries([
    ...entries.map((entry) => [basename(entry, '.ts'), `server/${entry}`]),
    // The demo lies beside the server and is no part of it.
    ['demo', 'studio-demo/src/index.ts'],
  ]),
  outdir: 'server/dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
  external: Object.keys(dependencies).filter((name) => !name.startsWith('@open-palm/')),
  banner: {
    js: "import { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);",
  },
  logLevel: 'warning',
});
