import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/** Bundles the server with the project's own packages; what comes from the registry stays outside. */
const root = fileURLToPath(new URL('..', import.meta.url));
const { dependencies } = JSON.parse(readFileSync(`${root}/server/package.json`, 'utf8'));

await build({
  absWorkingDir: root,
  entryPoints: ['server/src/main.ts'],
  outfile: 'server/dist/main.mjs',
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
