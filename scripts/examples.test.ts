import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { bowPreset } from '@open-palm/core/bow';
import { holdById } from '@open-palm/core/holds';

/** The packages whose docstrings have worked examples: `@example expression // value`, with as many digits as are shown. */
const PACKAGES = ['core', 'records', 'vision', 'words'];
const ROOT = join(__dirname, '..');
/** What an example may use beside the exports of its own file. */
const BESIDE = { bowPreset, holdById };

function sourcesIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const at = join(folder, name);
    if (statSync(at).isDirectory()) return name === 'node_modules' ? [] : sourcesIn(at);
    return /\.ts$/.test(name) && !/\.(test|d)\.ts$/.test(name) ? [at] : [];
  });
}

const EXAMPLE = /^\s*\*\s*@example (.+) \/\/ (.+)$/gm;

/** A function that a file exports. */
const OFFERED =
  /^export (?:async )?(?:function (\w+)|const (\w+)\b[^=\n]*= (?:\(|<|\w+ =>|async))/gm;

const examples = PACKAGES.flatMap((name) => sourcesIn(join(ROOT, name))).flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(EXAMPLE)].map(
    ([, expression, value]) => [relative(ROOT, file), expression!, value!] as const,
  ),
);

const evaluate = (expression: string, scope: Record<string, unknown>): unknown =>
  new Function(...Object.keys(scope), `return (${expression});`)(...Object.values(scope));

/** Half a unit of the last digit that is shown. */
function slack(shown: string): number {
  const [mantissa = '', exponent = '0'] = shown.toLowerCase().split('e');
  const decimals = mantissa.split('.')[1]?.length ?? 0;
  return 0.5001 * 10 ** (Number(exponent) - decimals);
}

/** The value with every number in it as shown, where it lies within its last digit. */
function asShown(value: unknown, shown: unknown, digits: readonly string[]): unknown {
  if (typeof value === 'number' && typeof shown === 'number') {
    const text = digits.find((one) => Number(one) === shown) ?? String(shown);
    return Math.abs(value - shown) <= slack(text) ? shown : value;
  }
  if (Array.isArray(value) && Array.isArray(shown)) {
    return value.map((one, i) => asShown(one, shown[i], digits));
  }
  if (value && shown && typeof value === 'object' && typeof shown === 'object') {
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [
        key,
        asShown(one, (shown as Record<string, unknown>)[key], digits),
      ]),
    );
  }
  return value;
}

describe('the examples in the docstrings', () => {
  it.each(examples)('%s: %s is %s', (file, expression, value) => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    const scope = { ...BESIDE, ...(require(join(ROOT, file)) as Record<string, unknown>) };
    const shown = evaluate(value, {});
    const digits = value.match(/-?\d+(\.\d+)?(e[+-]?\d+)?/g) ?? [];
    expect(asShown(evaluate(expression, scope), shown, digits)).toEqual(shown);
  });

  it('stand beside a sentence on everything that a package offers', () => {
    const silent = PACKAGES.flatMap((name) => sourcesIn(join(ROOT, name)))
      .filter((file) => !file.includes('/testing/'))
      .flatMap((file) => {
        const source = readFileSync(file, 'utf8');
        return [...source.matchAll(OFFERED)]
          .filter(({ index }) => !source.slice(0, index).endsWith('*/\n'))
          .map(([, one, other]) => `${relative(ROOT, file)}: ${one ?? other}`);
      });
    expect(silent).toEqual([]);
  });

  it('are many', () => expect(examples.length).toBeGreaterThanOrEqual(60));
});
