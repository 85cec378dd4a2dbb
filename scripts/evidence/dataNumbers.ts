import { readdirSync, readFileSync, statSync } from 'node:fs';
import { basename, dirname, join, relative, resolve } from 'node:path';
import { evidenceOf, type Evidence, type EvidenceRow } from './evidenceRow';

/** The files of numbers, how they are founded where they say nothing themselves, and what they decide. */
const FILES: readonly { file: string; evidence: Evidence; decides: string }[] = [
  {
    file: 'core/judge/data/numbers.json',
    evidence: 'memory',
    decides: 'how sure a cause is, and which recommendation comes first',
  },
  {
    file: 'core/track/data/trackDefaults.json',
    evidence: 'memory',
    decides: 'what is a real change, drift, settled or lost, and when to look again',
  },
  {
    file: 'core/stroke/data/strokeDefaults.json',
    evidence: 'memory',
    decides: 'how a stroke is smoothed, and when fingers are quiet',
  },
  {
    file: 'core/bow/balance/data/handForces.json',
    evidence: 'memory',
    decides: 'how a hand shares out a bow, and what it can carry',
  },
  {
    file: 'core/bow/presets/data/bowPresets.json',
    evidence: 'memory',
    decides: 'the bow of a student whose own was not weighed',
  },
  {
    file: 'core/measure/data/viewPoses.json',
    evidence: 'practice',
    decides: 'from where a view looks: what it can tell, and where a fit sets out',
  },
  {
    file: 'core/fit/data/handPriors.json',
    evidence: 'memory',
    decides: 'what a hand is believed to be before a picture was looked at',
  },
  {
    file: 'core/practice/data/aids.json',
    evidence: 'memory',
    decides: 'when an aid is off, and how it is done without',
  },
];

/** Numbers of a tree, each under its path; a list of numbers stays together. */
function leaves(value: unknown, path: string[] = []): { path: string; value: string }[] {
  if (typeof value === 'number') return [{ path: path.join('.'), value: String(value) }];
  if (Array.isArray(value) && value.every((one) => typeof one === 'number')) {
    return [{ path: path.join('.'), value: value.join(', ') }];
  }
  if (Array.isArray(value)) {
    return value.flatMap((one, i) => leaves(one, [...path, String(one?.id ?? i)]));
  }
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => leaves(inner, [...path, key]));
}

/** The mark of the entry that a number stands in, where it has one of its own. */
function markOf(content: unknown, path: string): unknown {
  if (!Array.isArray(content)) return (content as { standing?: unknown }).standing;
  return content.find(({ id }) => path.startsWith(`${id}.`))?.standing;
}

function sourcesIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const at = join(folder, name);
    if (statSync(at).isDirectory()) return name === 'node_modules' ? [] : sourcesIn(at);
    return /\.ts$/.test(name) && !/\.test\.ts$/.test(name) ? [at] : [];
  });
}

/** Which files read a file of data. */
function readersOf(root: string, sources: readonly string[], file: string): string {
  const name = basename(file);
  const readers = sources.filter((source) =>
    [...readFileSync(source, 'utf8').matchAll(/from '(\.[^']*\.json)'/g)].some(
      ([, path]) => path!.endsWith(name) && resolve(dirname(source), path!) === join(root, file),
    ),
  );
  return readers
    .map((reader) => relative(root, reader))
    .sort()
    .join(', ');
}

/** Every number of the data files that are no holds, causes or signs. */
export function dataNumbers(root: string): EvidenceRow[] {
  const sources = sourcesIn(join(root, 'core'));
  return FILES.flatMap(({ file, evidence, decides }) => {
    const content: unknown = JSON.parse(readFileSync(join(root, file), 'utf8'));
    const used = readersOf(root, sources, file);
    return leaves(content).map(({ path, value }) => ({
      what: `${basename(file, '.json')}.${path}`,
      value,
      ...evidenceOf(markOf(content, path) ?? evidence),
      used,
      decides,
    }));
  });
}
