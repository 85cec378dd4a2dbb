import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { advise, causesOf, signsOf } from '@open-palm/core/judge';

/** How long advice with its question takes for the hold with the most causes, by how many signs are present, ms. */
const hold = HOLD_IDS.map(holdById).sort((a, b) => causesOf(b).length - causesOf(a).length)[0]!;
const explained = new Set(causesOf(hold).flatMap(({ signs }) => signs.map(({ sign }) => sign)));
const signs = signsOf(hold)
  .map(({ id }) => id)
  .filter((id) => explained.has(id));

function times(present: number, rounds: number): number[] {
  const every = Math.floor(signs.length / present);
  // Half of the rest was not looked at: that is what can be asked about.
  const findings = signs.flatMap((sign, i) => {
    const isPresent = i % every === 0 && i / every < present;
    return isPresent || i % 2 === 0 ? [{ sign, present: isPresent, group: sign }] : [];
  });
  return Array.from({ length: rounds }, () => {
    const started = performance.now();
    advise(findings, { hold, context: 'playing-start' });
    return performance.now() - started;
  });
}
times(12, 5);
const figures = { twelve: times(12, 30), sixteen: times(16, 10), twenty: times(20, 6) };
// In a worker of the browser, or in Node.
if (typeof process === 'undefined') self.postMessage(figures);
else process.stdout.write(JSON.stringify(figures));
