import { readdirSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ESLint } from 'eslint';
import { forbiddenArrows, PACKAGES } from './arrows.mjs';

/**
 * Breaks every arrow of the house once, in a file that is never written, and prints which of them ESLint did not notice: by the
 * path of a file, and between packages by the package's name too.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const eslint = new ESLint({ cwd: root });

/** Some module of a folder, and where a new one would lie beside it. */
function moduleIn(folder) {
  const path = join(root, folder);
  for (const name of readdirSync(path).sort()) {
    if (name === 'node_modules' || name === 'dist') continue;
    const at = join(path, name);
    if (statSync(at).isDirectory()) {
      const found = moduleIn(relative(root, at));
      if (found) return found;
    } else if (/\.tsx?$/.test(name) && !/\.(test|config|d)\.tsx?$/.test(name)) {
      return relative(root, at);
    }
  }
  return null;
}

/** Whether ESLint refuses a module with this one line in this folder. */
async function isRefused(folder, specifier, rule) {
  const beside = moduleIn(folder);
  const filePath = join(root, dirname(beside), 'broken.ts');
  const to = specifier.startsWith('@')
    ? specifier
    : relative(dirname(filePath), join(root, specifier));
  const from = to.startsWith('.') || to.startsWith('@') ? to : `./${to}`;
  const [{ messages }] = await eslint.lintText(`export * from '${from}';\n`, { filePath });
  return messages.some(({ ruleId }) => ruleId === rule);
}

const unnoticed = [];
const arrows = forbiddenArrows();
for (const { from, to } of arrows) {
  const target = moduleIn(to).replace(/\.tsx?$/, '');
  if (!(await isRefused(from, target, 'import/no-restricted-paths')))
    unnoticed.push(`${from} → ${to}`);
  if (!(to in PACKAGES)) continue;
  const name = `@open-palm/${to}`;
  if (!(await isRefused(from, name, 'no-restricted-imports'))) unnoticed.push(`${from} → ${name}`);
}
const refusedThoughAllowed = [];
for (const [name, may] of Object.entries(PACKAGES)) {
  for (const other of may) {
    const specifier = `@open-palm/${other}`;
    if (await isRefused(name, specifier, 'no-restricted-imports')) {
      refusedThoughAllowed.push(`${name} → ${other}`);
    }
  }
}
process.stdout.write(JSON.stringify({ arrows: arrows.length, unnoticed, refusedThoughAllowed }));
