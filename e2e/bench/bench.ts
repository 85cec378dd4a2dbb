import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { ROOT, startStudio } from '../support/studio';
import { dragTimes } from './dragBench';
import { quantile, report } from './figures';
import { serverFigures } from './serverBench';

const FRAME_MS = 1000 / 60;

/** Speeds and memory on this machine, with the targets they are held against. */
console.log(
  `${cpus()[0]?.model ?? 'unknown processor'}, ${cpus().length} cores, ${(totalmem() / 2 ** 30).toFixed(0)} GB, Node ${process.version}\n`,
);

const bundle = join(mkdtempSync(join(tmpdir(), 'bench-')), 'measure.cjs');
buildSync({
  absWorkingDir: ROOT,
  entryPoints: ['op/bench/measureBench.ts'],
  outfile: bundle,
  bundle: true,
  platform: 'node',
});
const measured = spawnSync(
  process.execPath,
  [bundle, join(ROOT, 'docs/examples/finger-side.json')],
  {
    encoding: 'utf8',
  },
);
const measureMs = JSON.parse(measured.stdout) as number[];
report('all measures of one capture, median', quantile(measureMs, 0.5), 'ms', 0.5);
report('all measures of one capture, 95th percentile', quantile(measureMs, 0.95), 'ms');

const forServer = await startStudio();
const { readMs, saveMs, memoryMb } = await serverFigures(forServer);
await forServer.stop();
report('hand file with 200 checks, 95th percentile', quantile(readMs, 0.95), 'ms', 20);
report('hand file with 200 checks, median', quantile(readMs, 0.5), 'ms');
report('keeping a check, synced to disk, median', quantile(saveMs, 0.5), 'ms');
report('memory of the server after that', memoryMb, 'MB', 150);

const forDrag = await startStudio();
const { work, painted } = await dragTimes(forDrag);
await forDrag.stop();
report(
  `dragging, move to changed page, median of ${work.length}`,
  quantile(work, 0.5),
  'ms',
  FRAME_MS,
);
report('dragging, move to changed page, 95th percentile', quantile(work, 0.95), 'ms');
report('dragging, move to painted frame, median', quantile(painted, 0.5), 'ms', FRAME_MS);
report('dragging, move to painted frame, 95th percentile', quantile(painted, 0.95), 'ms');
