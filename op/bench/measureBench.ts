import { readFileSync } from 'node:fs';
import { capturesFromFile, readOpMeasureFile } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { measureCapture } from '@open-palm/core/measure';

/** How long all measures of one capture take, ms; run as the app runs it, bundled. */
const file = readOpMeasureFile(JSON.parse(readFileSync(process.argv[2]!, 'utf8')));
const capture = capturesFromFile(file)[0]!;
const hold = holdById('violin-shallow');
const times: number[] = [];
for (let i = 0; i < 5000; i += 1) {
  const started = performance.now();
  measureCapture(capture, hold, 'free');
  times.push(performance.now() - started);
}
process.stdout.write(JSON.stringify(times.slice(1000)));
