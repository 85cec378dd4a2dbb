import { holdById } from '@open-palm/core/holds';
import { causesOf, judgeFindings, SIGNS } from '@open-palm/core/judge';

/** How long a full posterior takes with twelve present signs, ms. */
const hold = holdById('violin-shallow');
const explained = new Set(causesOf(hold).flatMap(({ signs }) => signs.map(({ sign }) => sign)));
const signs = SIGNS.map(({ id }) => id).filter((id) => explained.has(id));

const times = (present: number, rounds: number) =>
  Array.from({ length: rounds }, () => {
    const findings = signs.map((sign, i) => ({
      sign,
      present: i % 4 === 0 && i / 4 < present,
      group: sign,
    }));
    const started = performance.now();
    judgeFindings(findings, hold);
    return performance.now() - started;
  });
times(12, 5);
process.stdout.write(JSON.stringify({ twelve: times(12, 30) }));
