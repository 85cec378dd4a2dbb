import { readFileSync } from 'node:fs';
import { capturesFromFile, readOpMeasureFile } from '@open-palm/contract';
import { UNKNOWN_HAND } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import { DRAWS, geometryFacts, geometryOf, sampleCapture, specOf } from '@open-palm/core/measure';

/** How long a capture's 2,000 draws take, ms, and how long the same trigonometry takes bare, without any doubt. */
const file = readOpMeasureFile(JSON.parse(readFileSync(process.argv[2]!, 'utf8')));
const capture = capturesFromFile(file)[0]!;
const hold = holdById('violin-shallow');
const specs = sampleCapture(capture, hold, 'free').measures.map(({ id }) => specOf(id));

const facts = geometryFacts(hold, UNKNOWN_HAND);
const readings = specs.flatMap((spec) =>
  spec.kind === 'number' ? [spec.value] : spec.kind === 'category' ? spec.rule.readings : [],
);

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
        const figure = geometryOf(capture, facts);
        for (const reading of readings) reading(figure);
      }
    }),
  );
}
process.stdout.write(JSON.stringify({ drawn: drawn.slice(10), bare: bare.slice(10) }));
