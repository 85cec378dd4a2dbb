import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createContext, runInContext, type Context } from 'node:vm';
import { splitCommon } from './splitCommon.mjs';

const FOLDER = '/_expo/static/js/web';
/** As the bundler's own: it defines, and runs what is asked for once. */
const RUNTIME = `var __METRO_GLOBAL_PREFIX__='';var all=new Map(),done=new Map();
function __d(f,id,d){if(!all.has(id))all.set(id,[f,d])}
function __r(id){if(!done.has(id)){var m={exports:{}};done.set(id,m);if(!all.has(id))throw new Error('unknown module '+id);all.get(id)[0](globalThis,__r,null,null,m,m.exports,all.get(id)[1])}return done.get(id).exports}`;
const defined = (id: number, body: string, needs: string = '[]') =>
  `__d(function(g,r,i,a,m,e,d){"use strict";${body}},${id},${needs});`;
const sayer = (id: number, needs: number[] = []) =>
  defined(
    id,
    `m.exports=${id}+${needs.map((_, i) => `r(d[${i}])+`).join('')}0`,
    JSON.stringify(needs),
  );

/** A small built app: Today needs 20 and 21 of what is shared; the weeks 22, by way of 23; the holds only what Today has. */
function builtApp({ twoCommons = false } = {}): string {
  const dist = mkdtempSync(join(tmpdir(), 'split-'));
  mkdirSync(join(dist, FOLDER), { recursive: true });
  const routes = { 10: '_layout-a', 11: 'index-b', 12: 'weeks-c', 13: 'holds-d' };
  const later = Object.fromEntries(
    Object.entries(routes).map(([id, name]) => [id, `${FOLDER}/${name}.js`]),
  );
  const tsx = ['./_layout.tsx', './index.tsx', './weeks.tsx', './holds.tsx'];
  const getters = tsx.map(
    (route, i) => `${JSON.stringify(route)}:{enumerable:!0,get:()=>r(d[1])(d[${i + 2}],d.paths)}`,
  );
  const table = JSON.stringify({ 0: 1, 1: 3, 2: 10, 3: 11, 4: 12, 5: 13, paths: later });
  const loader = `m.exports=(id,paths)=>globalThis.__loadBundleAsync(paths[id]).then(()=>r(id))`;
  const write = (name: string, ...lines: string[]) =>
    writeFileSync(join(dist, FOLDER, `${name}.js`), lines.join('\n'));
  write('__expo-metro-runtime-r', RUNTIME);
  write('__common-old', sayer(20), sayer(21, [20]), sayer(22, [20]), sayer(23, [22]));
  if (twoCommons) write('__common-other', sayer(20));
  write(
    'entry-e',
    defined(1, `m.exports=Object.defineProperties({},{${getters.join()}})`, table),
    defined(3, loader),
    defined(4, 'globalThis.__loadBundleAsync=path=>globalThis.fetched(path)'),
    '__r(4);',
    '__r(1);',
  );
  write('_layout-a', sayer(10, [20]));
  write('index-b', sayer(11, [21]));
  write('weeks-c', sayer(12, [23]));
  write('holds-d', sayer(13, [21, 20]));
  writeFileSync(
    join(dist, 'index.html'),
    `<head></head><script src="${FOLDER}/__common-old.js"></script>`,
  );
  return dist;
}

const nameOf = (dist: string, start: string) =>
  readdirSync(join(dist, FOLDER)).find((name) => name.startsWith(start))!;

/** The app as a page runs it, and what it fetches. */
function opened(dist: string): { page: Context; fetched: string[] } {
  const fetched: string[] = [];
  const run = (path: string) => runInContext(readFileSync(join(dist, path), 'utf8'), page);
  const page = createContext({
    fetched: async (path: string) => {
      fetched.push(path.slice(FOLDER.length + 1));
      run(path);
    },
  });
  for (const start of ['__expo', '__common', 'entry']) run(`${FOLDER}/${nameOf(dist, start)}`);
  return { page, fetched };
}

describe('what screens share', () => {
  it('comes in two parts: what Today needs at once, the rest with the first screen that needs it', async () => {
    const dist = builtApp();
    expect(splitCommon(dist).keptBytes).toBeGreaterThan(0);
    const common = readFileSync(join(dist, FOLDER, nameOf(dist, '__common')), 'utf8');
    expect([20, 21, 22, 23].map((id) => common.includes(`},${id},[`))).toEqual([
      ...[true, true, false, false],
    ]);
    const shared = nameOf(dist, 'shared-');
    const { page, fetched } = opened(dist);
    const shown = (route: string): Promise<number> =>
      runInContext(`__r(1)[${JSON.stringify(route)}]`, page) as Promise<number>;
    expect(await shown('./_layout.tsx')).toBe(30);
    expect(await shown('./index.tsx')).toBe(52);
    expect(await shown('./holds.tsx')).toBe(74);
    expect(fetched).not.toContain(shared);
    expect(await shown('./weeks.tsx')).toBe(77);
    expect(fetched).toEqual(['_layout-a.js', 'index-b.js', 'holds-d.js', shared, 'weeks-c.js']);
  });

  it('is named by what is in it, and the page asks for it by that name', () => {
    const dist = builtApp();
    splitCommon(dist);
    const name = nameOf(dist, '__common');
    expect(name).toMatch(/^__common-[0-9a-f]{32}\.js$/);
    expect(existsSync(join(dist, FOLDER, '__common-old.js'))).toBe(false);
    const page = readFileSync(join(dist, 'index.html'), 'utf8');
    expect(page).toContain(`src="${FOLDER}/${name}"`);
    expect(page.match(/rel="preload" as="script" href="[^"]*"/g)).toHaveLength(2);
    const again = builtApp();
    splitCommon(again);
    expect(nameOf(again, '__common')).toBe(name);
  });

  it('is left alone where the app is built otherwise than it is thought to be', () => {
    const dist = builtApp({ twoCommons: true });
    expect(() => splitCommon(dist)).toThrow('2 scripts begin with __common-');
    const odd = builtApp();
    writeFileSync(join(odd, FOLDER, 'holds-d.js'), '__d(function(){},nobody)');
    expect(() => splitCommon(odd)).toThrow('ends otherwise');
  });
});
