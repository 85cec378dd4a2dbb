import { capturesFromFile, readOpMeasureFile } from '@open-palm/contract';
import { fitHold } from '@open-palm/core/fit';
import { UNKNOWN_HAND } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import example from '../../docs/examples/two-views.json';

/** How long a hand takes to be fitted to two pictures and to one, ms. */
const ROUNDS = 12;
const hold = holdById('violin-shallow');
const captures = capturesFromFile(readOpMeasureFile(example));

function times(count: number): number[] {
  return Array.from({ length: ROUNDS }, () => {
    const started = performance.now();
    fitHold(captures.slice(0, count), hold, UNKNOWN_HAND);
    return performance.now() - started;
  });
}
const figures = { two: times(2), one: times(1) };
// In a worker of the browser, or in Node.
if (typeof process === 'undefined') self.postMessage(figures);
else process.stdout.write(JSON.stringify(figures));
