import type { DetectSummary, JointSummary, Spread } from './detectSummary';
import { table } from './pageTable';
import { PERSON } from './person';

const percent = (share: number) => `${(100 * share).toFixed(0)} %`;
const off = ({ n, mean, p90 }: Spread, digits: number) =>
  n === 0 ? 'none told' : `${mean.toFixed(digits)} (${p90.toFixed(digits)})`;

const offAndBias = (spread: Spread, digits: number) =>
  spread.n === 0
    ? off(spread, digits)
    : `${spread.mean.toFixed(digits)} (${spread.p90.toFixed(digits)}; ${spread.bias < 0 ? '−' : '+'}${Math.abs(spread.bias).toFixed(digits)})`;

const jointTable = (rows: readonly JointSummary[], digits: number) =>
  table(
    ['', 'as guessed', 'confirmed', 'exact marks', 'told', 'not told'],
    rows.map(({ joint, raw, confirmed, exact, notTold }) => [
      joint,
      offAndBias(raw, digits),
      offAndBias(confirmed, digits),
      offAndBias(exact, digits),
      String(confirmed.n),
      String(notTold),
    ]),
  );

/** The part of docs/accuracy.md about the hand finder, from what was measured. */
export function detectPage(summary: DetectSummary): string {
  const { views, kinds, bends, depths, said, agreedSdShare } = summary;
  const all = views.reduce((sum, view) => sum + view.all, 0);
  const found = views.reduce((sum, view) => sum + view.found, 0);
  const points = said.right + said.moved + said.unseen;
  return `# How well the hand is found

${all} rendered pictures of the over-hand holds and their faults from four views, the camera held by hand (7° and 10 % SD
about its place [memory]), half of them turned over to be left hands. They are rendered from one rig in several builds,
rooms and lights: real pictures will be harder.

## Found, and how far off

${table(
  [
    'View',
    'Pictures',
    'Found',
    'More from two touches',
    'Points off, % of the hand',
    'Badly wrong',
  ],
  views.map(({ view, all: n, found: here, fromTwo, points: spread, wrong }) => [
    `\`${view}\``,
    String(n),
    String(here),
    String(fromTwo),
    off(spread, 1),
    String(wrong),
  ]),
)}

${found} of ${all} are found (${percent(found / all)}). Points are told as mean (ninetieth percentile), of the points that can be seen; "badly
wrong" are found hands whose points are off by more than a tenth of the hand's length in the median.

${table(
  ['Kind of point', 'Off, % of the hand', 'Near enough to be called right'],
  kinds.map(({ kind, points: spread, right }) => [kind, off(spread, 1), percent(right)]),
)}

A joint of the rig lies in the middle of the finger, the hand finder's on what it has learnt to call the joint: part of
these errors is that difference.

## Bends, before and after a person has looked

Error in degrees against the joint's true bend in space, mean (ninetieth percentile; bias). A joint is told flat from one view
only: the thumb from the thumb's side, the fingers from the profile. "As guessed" is what the points
would say if nobody looked, hidden ones included: it is never shown. The person of this measurement calls a guess right
that is within ${(100 * PERSON.letsPass).toFixed(0)} % of the hand's length, moves every other one to within ${(100 * PERSON.clickSd).toFixed(1)} % SD, and says of what is hidden that it cannot be
seen [all memory]. "Exact marks" is what the flat view itself costs: bones that leave the picture look bent or straight by
geometry alone.

${jointTable(bends, 1)}

## Depths of the fingers from the finger side

In joints, against exact marks on the same picture.

${jointTable(depths, 2)}

## What the person did

What is hidden is decided from the rendered scene: a joint outside the picture, or behind more than its own flesh, counts as hidden, also behind
its own finger, where a person would often still place it. Of ${points} points ${percent(said.right / points)} were called right, ${percent(said.moved / points)} were moved and ${percent(said.unseen / points)} could not be seen. Points called right are off by
${(100 * agreedSdShare).toFixed(2)} % of the picture's longer side in each direction (SD), against 0.35 % [memory] for points set by hand: that is the doubt they
carry into every number.
`;
}
