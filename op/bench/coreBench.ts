import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildSync } from 'esbuild';
import { BOW_POINTS } from '@open-palm/core/bow';
import { HAND_POINTS } from '@open-palm/core/hand';
import { quantile, report } from '../../scripts/bench/readings';

/** Speeds of what the core computes on this machine, with the targets they are held against. */
console.log(
  `${cpus()[0]?.model ?? 'unknown processor'}, ${cpus().length} cores, ${(totalmem() / 2 ** 30).toFixed(0)} GB, Node ${process.version}\n`,
);

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'bench-'));

/** A measure file with every point of hand and bow marked. */
function fullCapture(): string {
  const truth = join(ROOT, 'studio-demo/pictures/settled.finger-side.json');
  const { points2d, image } = JSON.parse(readFileSync(truth, 'utf8'));
  const file = join(folder, 'full.json');
  const hand = HAND_POINTS.map((name) => points2d[name]);
  const bow = Object.fromEntries(BOW_POINTS.slice(0, 4).map((name) => [name, points2d[name]]));
  const look = { view: 'finger-side', image, hand, bow, frogLengthMm: 46, sigmaPx: 4 };
  writeFileSync(file, JSON.stringify(look));
  return file;
}

const capture = fullCapture();

/** Runs one of the benches as the app runs it, bundled, and gives the times it prints. */
function timesOf<T>(entry: string): T {
  const bundle = join(folder, 'bench.cjs');
  buildSync({
    absWorkingDir: ROOT,
    entryPoints: [entry],
    outfile: bundle,
    bundle: true,
    platform: 'node',
  });
  const { stdout } = spawnSync(process.execPath, [bundle, capture], { encoding: 'utf8' });
  return JSON.parse(stdout);
}

const measureMs = timesOf<number[]>('op/bench/measureBench.ts');
report('all measures of one capture, median', quantile(measureMs, 0.5), 'ms', 0.5);
report('all measures of one capture, 95th percentile', quantile(measureMs, 0.95), 'ms');

const { drawn, bare } = timesOf<{ drawn: number[]; bare: number[] }>('op/bench/sampleBench.ts');
report('2,000 draws of a capture, median', quantile(drawn, 0.5), 'ms', 80);
report('the same over 2,000 bare runs', quantile(drawn, 0.5) / quantile(bare, 0.5), '×', 3);

const { solves, charts } = timesOf<{ solves: number[]; charts: number[] }>(
  'op/bench/balanceBench.ts',
);
report('one balance of a bow, median', quantile(solves, 0.5), 'µs', 50);
report('a stroke of 101 points twice over, median', quantile(charts, 0.5), 'ms', 16);
