import { readFileSync } from 'node:fs';
import { captureFromFile, readOpMeasureFile } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { DRAWS, figureOf, sampleCapture, specOf } from '@open-palm/core/measure';

/** How long a capture's 2,000 draws take, ms, and how long the same trigonometry takes bare, without any doubt. */
const file = readOpMeasureFile(JSON.parse(readFileSync(process.argv[2]!, 'utf8')));
const capture = captureFromFile(file);
const hold = holdById('violin-shallow');
const specs = sampleCapture(capture, hold, 'free').measures.map(({ id }) => specOf(id));

const timed = (run: () => void) => {
  const started = performance.now();
  run();
  return performance.now() - started;
};
const drawn: number[] = [];
const bare: number[] = [];
for (let round = 0; round < 60; round += 1) {
  drawn.push(timed(() => sampleCapture(capture, hold, 'free')));
  bare.push(
    timed(() => {
      for (let run = 0; run < DRAWS; run += 1) {
        const figure = figureOf(capture, true);
        for (const spec of specs) spec.value(figure);
      }
    }),
  );
}
process.stdout.write(JSON.stringify({ drawn: drawn.slice(10), bare: bare.slice(10) }));
