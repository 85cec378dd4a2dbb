import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { loadedTogether, neededBy, scriptOfRoute, takeApart } from './builtModules.mjs';

const FOLDER = '/_expo/static/js/web/';
/** Screens that a phone opens with. */
const FIRST = ['./_layout.tsx', './index.tsx'];

/**
 * Metro puts what two screens share into one script, which the first screen waits for although it needs little more than half. Here that is cut in two: what Today and
 * the frame around it need, and what the other screens share, which comes with the first screen that needs any of it.
 *
 * @param {string} dist the built app
 * @returns {{ keptBytes: number, sharedBytes: number }}
 * @throws {Error} where the app is not built as it is thought to be
 */
export function splitCommon(dist) {
  const read = (path) => readFileSync(join(dist, path), 'utf8');
  const names = readdirSync(join(dist, FOLDER)).filter((name) => name.endsWith('.js'));
  const only = (start) => {
    const found = names.filter((name) => name.startsWith(start));
    if (found.length !== 1) throw new Error(`${found.length} scripts begin with ${start}`);
    return FOLDER + found[0];
  };
  /** Under a name that changes with what is in it: browsers keep it for good. */
  const write = (start, text) => {
    const hash = createHash('sha256').update(text).digest('hex').slice(0, 32);
    const path = `${FOLDER}${start}-${hash}.js`;
    writeFileSync(join(dist, path), text);
    return path;
  };

  const [commonPath, entryPath] = [only('__common-'), only('entry-')];
  const [common, entry] = [takeApart(read(commonPath)), takeApart(read(entryPath))];
  const modulesOf = (path) => takeApart(read(path)).modules;
  const firstPaths = FIRST.map((route) => scriptOfRoute(entry.modules, route));
  const first = firstPaths.flatMap(modulesOf);
  const always = [...common.modules, ...entry.modules];
  const closure = (own) =>
    neededBy(
      new Map([...always, ...own].map((one) => [one.id, one])),
      own.map(({ id }) => id),
    );
  const needed = closure([...entry.modules, ...first]);
  const kept = common.modules.filter(({ id }) => needed.has(id));
  const shared = common.modules.filter(({ id }) => !needed.has(id));

  const later = [...always, ...first].flatMap((module) => Object.values(module.later));
  const without = [...new Set([...later, ...asked(names, read)])].filter((path) => {
    const needs = closure(modulesOf(path));
    return !shared.some(({ id }) => needs.has(id));
  });
  const sharedPath = write('shared', textOf(shared));
  const end = loadedTogether(sharedPath, without);
  const newCommon = write('__common', [common.head, textOf(kept), common.foot, end].join('\n'));
  rmSync(join(dist, commonPath));
  const page = join(dist, 'index.html');
  // They are asked for while the scripts before them are still on their way.
  const early = firstPaths.map((path) => `<link rel="preload" as="script" href="${path}">`);
  writeFileSync(
    page,
    readFileSync(page, 'utf8')
      .replaceAll(commonPath, newCommon)
      .replace('</head>', `${early.join('')}</head>`),
  );
  return { keptBytes: textOf(kept).length, sharedBytes: textOf(shared).length };
}

/** Scripts that any other asks for. */
const asked = (names, read) =>
  names.flatMap((name) =>
    takeApart(read(FOLDER + name)).modules.flatMap(({ later }) => Object.values(later)),
  );

const textOf = (modules) => modules.map(({ text }) => text).join('\n');
