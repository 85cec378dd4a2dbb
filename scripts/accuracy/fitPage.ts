import { NOISES } from './fitCases';
import type { BendError, FitSummary } from './fitSummary';
import { table } from './pageTable';

const error = ({ n, mean, p90, bias }: BendError) =>
  n === 0
    ? 'none told'
    : `${mean.toFixed(1)} (${p90.toFixed(1)}; ${bias < 0 ? '−' : '+'}${Math.abs(bias).toFixed(1)})`;

const percent = (share: number) => `${(100 * share).toFixed(0)} %`;
const columns = (name: string) => NOISES.map((noise) => `${name}, ${100 * noise} %`);

/** The part of docs/accuracy.md about fitted hands, from what was measured. */
export function fitPage(summary: FitSummary): string {
  const { joints, pairs, singles, covered, intervals, refused } = summary;
  return `# How well bends are told by a fitted hand

Every rendered hold and its faults (the nine holds, violin to German bass), each time in a hand of another build (5 % SD in
size and breadth, 4–5 % in finger and thumb [memory]), before cameras held by hand, every point clicked with an SD of 0.5 %
or 1 % of the hand's length (from the wrist to the stretched middle fingertip), all joints visible. The thumb's tip is
held loosely to the stick; without that these figures are the same to 0.2°, but a thumb that only one picture shows drifts off
the stick. The hand's middle finger is known to 4 %.

Degrees: mean error (ninetieth percentile; bias).

${table(
  ['', ...columns('flat'), ...columns('one picture'), ...columns('two pictures')],
  joints.map(({ joint, flat, one, two }) => [
    joint,
    ...flat.map(error),
    ...one.map(error),
    ...two.map(error),
  ]),
)}

"Flat" is the angle between clicked points in the views that show the joint; what the hand finder's own guesses would say is
in the table further down. One picture alone cannot tell a bend toward the camera from one away from it, so its best answer is
never shown as a number: only the range of all answers that are as good.

${table(
  ['Two pictures', ...columns('thumb'), ...columns('middle joints of the fingers')],
  pairs.map(({ views, thumb, fingers }) => [
    views.map((view) => `\`${view}\``).join(' + '),
    ...thumb.map(error),
    ...fingers.map(error),
  ]),
)}

${table(
  ['One picture', ...columns('thumb'), ...columns('middle joints of the fingers')],
  singles.map(({ view, thumb, fingers }) => [
    `\`${view}\``,
    ...thumb.map(error),
    ...fingers.map(error),
  ]),
)}

## Are the doubts honest?

${table(
  [
    'Click noise',
    'Within 1 SD (68 %)',
    'Within 2 SD (95 %)',
    'Ranges of one picture that hold the truth',
    'Their mean width',
  ],
  NOISES.map((noise, i) => [
    `${100 * noise} %`,
    percent(covered[i]!.one),
    percent(covered[i]!.two),
    percent(intervals[i]!.share),
    `${intervals[i]!.widthDeg.toFixed(0)}°`,
  ]),
)}

Of ${refused.cases} sets of pictures, all of one hold each, ${refused.one + refused.two} were wrongly refused.
`;
}
