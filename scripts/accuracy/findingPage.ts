import { UNSEEN_SHA256 } from '../../studio-demo/render/finding/findingSets';
import { SIDES, type SideName } from '../../studio-demo/render/finding/sides';
import { TURNS_DEG, type FindingCase, type FindingResult } from './findingCases';
import { table } from './pageTable';

/** Found hands that are further off are badly wrong. */
const BADLY_WRONG_PERCENT = 10;

const NAMES: Record<SideName, string> = {
  back: 'the back of the hand',
  palm: 'the palm',
  fingers: 'the fingertips',
  thumbEdge: 'the thumb’s edge',
  littleEdge: 'the little finger’s edge',
  playerEye: 'the player’s eye',
};

interface Counts {
  all: number;
  right: number;
  wrong: number;
}

const countsOf = (cases: readonly FindingCase[], turn = 0): Counts => {
  const offs = cases.flatMap(({ offPercent }) => offPercent[turn] ?? []);
  const right = offs.filter((off) => off <= BADLY_WRONG_PERCENT).length;
  return { all: cases.length, right, wrong: offs.length - right };
};

const row = (name: string, { all, right, wrong }: Counts) => [
  name,
  `${all}`,
  `${right}`,
  `${wrong}`,
];

/** The part of docs/accuracy.md about pictures of a kind on which the hand finder was not tuned. */
export function findingPage(
  tuning: readonly FindingCase[],
  { cases, sha256 }: FindingResult,
): string {
  const bowed = cases.filter(({ holdsBow }) => holdsBow);
  const bare = cases.filter(({ holdsBow }) => !holdsBow);
  const same = cases.filter(({ offPercent }) => {
    const kinds = offPercent.map((off) => (off === null ? 'none' : off <= BADLY_WRONG_PERCENT));
    return new Set(kinds).size === 1;
  }).length;
  return `# The finder on pictures of another kind

70 rendered pictures in other rooms, of other builds, skins and lights, upright, from 0.4 to 1.1 m, turned any way: 50 bare hands from six sides, and
20 hands on a bow of another make from the two sides from which they are hardest to find. They were made before the search was changed and are only measured.
${
  sha256 === UNSEEN_SHA256
    ? 'Their files are those whose hash was committed then.'
    : 'This machine’s renderer draws them a little differently from the files whose hash was committed then.'
} "Badly wrong" as below.

${table(
  ['Looked at from', 'Pictures', 'Found and right', 'Badly wrong'],
  [
    ...(Object.keys(SIDES) as SideName[]).map((side) =>
      row(NAMES[side], countsOf(bare.filter((one) => one.side === side))),
    ),
    ...(['thumbEdge', 'palm'] as const).map((side) =>
      row(`${NAMES[side]}, with a bow`, countsOf(bowed.filter((one) => one.side === side))),
    ),
    row('**All**', countsOf(cases)),
    row('**All with a bow**', countsOf(bowed)),
    row('70 in the demo’s rooms, on which it was tuned', countsOf(tuning)),
  ],
)}

Turned by ${TURNS_DEG.slice(1).join('°, ')}°: ${TURNS_DEG.slice(1)
    .map((_, i) => countsOf(cases, i + 1))
    .map(({ right, wrong }) => `${right} right and ${wrong} badly wrong`)
    .join(
      ', ',
    )}; with ${same} of ${cases.length} the outcome is the same however the picture is turned.
`;
}
