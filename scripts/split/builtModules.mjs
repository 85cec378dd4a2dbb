/**
 * The modules of a script that Metro wrote for the web: each begins on a line of its own, `__d(function…,id,[ids of what it needs]);`, where what is loaded
 * later stands in a map with the paths of its scripts.
 */

/**
 * A module of a built script.
 *
 * @typedef {{ id: number, text: string, needs: number[], later: Record<string, string> }} BuiltModule
 */

const DEFINED = /^__d\(/;
const ENDS = /,(\d+),(\[[^\]]*\]|\{.*\})\);?$/s;

/**
 * Takes a built script apart.
 *
 * @param {string} script
 * @returns {{ head: string, modules: BuiltModule[], foot: string }} what stands before, between and after; joined by line breaks they are the script again
 * @throws {Error} where it is not written as it is thought to be
 */
export function takeApart(script) {
  const pieces = script.split(/\n(?=__d\(|__r\()/);
  const first = pieces.findIndex((piece) => DEFINED.test(piece));
  const end = pieces.findIndex((piece, i) => i > first && !DEFINED.test(piece));
  const last = end < 0 ? pieces.length : end;
  if (first < 0) return { head: script, modules: [], foot: '' };
  return {
    head: pieces.slice(0, first).join('\n'),
    modules: pieces.slice(first, last).map(moduleOf),
    foot: pieces.slice(last).join('\n'),
  };
}

/** @param {string} text */
function moduleOf(text) {
  const end = ENDS.exec(text.trimEnd());
  if (!end) throw new Error(`a module that ends otherwise: …${text.slice(-120)}`);
  const needs = JSON.parse(end[2]);
  const { paths: later = {}, ...ids } = Array.isArray(needs) ? { ...needs } : needs;
  return { id: Number(end[1]), text, needs: Object.values(ids), later };
}

/**
 * Everything that some modules need before they can run, themselves among it.
 *
 * @param {ReadonlyMap<number, BuiltModule>} all
 * @param {Iterable<number>} from
 * @returns {Set<number>}
 */
export function neededBy(all, from) {
  const found = new Set();
  const open = [...from];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    const module = all.get(id);
    if (!module || found.has(id)) continue;
    found.add(id);
    open.push(...module.needs.filter((need) => !(need in module.later)));
  }
  return found;
}

/**
 * The script of a screen, by its file under the router.
 *
 * @param {Iterable<BuiltModule>} modules
 * @param {string} route for example "./index.tsx"
 * @returns {string} its path
 */
export function scriptOfRoute(modules, route) {
  for (const { text, needs, later } of modules) {
    const at = text.indexOf(JSON.stringify(route));
    const use =
      at < 0 ? null : /^[^]{0,80}?\w+\(\w+\[1\]\)\(\w+\[(\d+)\],\w+\.paths\)/.exec(text.slice(at));
    const path = use && later[String(needs[Number(use[1])])];
    if (path) return path;
  }
  throw new Error(`no script of the screen ${route}`);
}

/**
 * What stands at the end of the script that always comes: whoever asks for a screen of its own gets with it what the other screens share, unless the screen is one
 * that needs none of it.
 *
 * @param {string} shared path of the script with what they share
 * @param {readonly string[]} without paths of the scripts that need none of it
 */
export const loadedTogether = (shared, without) =>
  `!function(){var load,without=${JSON.stringify(without)};Object.defineProperty(globalThis,__METRO_GLOBAL_PREFIX__+"__loadBundleAsync",` +
  `{configurable:true,set:function(own){load=own},get:function(){return load&&function(path){` +
  `return without.indexOf(path)<0?Promise.all([load(${JSON.stringify(shared)}),load(path)]).then(function(both){return both[1]}):load(path)}}})}();`;
