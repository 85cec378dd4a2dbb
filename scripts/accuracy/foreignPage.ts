import { HARDLY_TOLD_DEG } from '@open-palm/core/fit';
import { NOISES } from './fitCases';
import type { ForeignBend, ForeignCases } from './foreignCases';
import { foreignRun } from './foreignRuns';
import { table } from './pageTable';

const ROWS: readonly { name: string; has: (bend: ForeignBend) => boolean }[] = [
  { name: 'Thumb, last joint', has: ({ joint }) => joint === 'thumbIp' },
  { name: 'Thumb, last joint, straight', has: ({ isStraightThumb }) => isStraightThumb },
  { name: 'Thumb, middle joint', has: ({ joint }) => joint === 'thumbMcp' },
  ...(['index', 'middle', 'ring', 'little'] as const).flatMap((finger) =>
    (['Pip', 'Dip'] as const).map((joint) => ({
      name: `${finger[0]!.toUpperCase()}${finger.slice(1)} finger, ${joint === 'Pip' ? 'middle' : 'last'} joint`,
      has: ({ joint: own }: ForeignBend) => own === `${finger}${joint}`,
    })),
  ),
];

/** One picture takes three times as long as two, and its ranges need fewer hands to be counted. */
const SHARE_OF_ONE = 0.25;

const percent = (bends: readonly ForeignBend[], is: (bend: ForeignBend) => boolean) =>
  Math.round((100 * bends.filter(is).length) / bends.length);

function told(all: readonly ForeignBend[]): string {
  const bends = all.filter(({ sds }) => sds !== null);
  const mean = bends.reduce((sum, { errorDeg }) => sum + Math.abs(errorDeg), 0) / bends.length;
  const bias = bends.reduce((sum, { errorDeg }) => sum + errorDeg, 0) / bends.length;
  const within = (most: number) => percent(bends, ({ sds }) => sds! < most);
  return `${mean.toFixed(1)} (${bias < 0 ? '−' : '+'}${Math.abs(bias).toFixed(1)}); ${within(1)}/${within(2)} %`;
}

function ranged(all: readonly ForeignBend[]): string {
  const ranges = all.flatMap(({ range }) => (range ? [range] : []));
  const width = ranges.reduce((sum, { widthDeg }) => sum + widthDeg, 0) / ranges.length;
  const holding = percent(all, ({ range }) => range?.holds ?? false);
  const wide = percent(all, ({ range }) => (range?.widthDeg ?? 0) >= HARDLY_TOLD_DEG);
  return `${holding} %; ${width.toFixed(0)}° (${wide} %)`;
}

const refusals = (cases: readonly ForeignCases[]) =>
  cases.map(({ refused }, i) => `${refused} at ${100 * NOISES[i]!} %`).join(', ');

/**
 * The part of docs/accuracy.md about hands that are not like the model, of a make by which nothing was set.
 *
 * @param from the first hand's seed
 */
export async function foreignPage(hands: number, from: number): Promise<string> {
  const runs = async (pictures: 'one' | 'two') => {
    const cases: ForeignCases[] = [];
    for (const noise of NOISES) {
      const some = pictures === 'two' ? hands : hands * SHARE_OF_ONE;
      cases.push(await foreignRun({ make: 'stranger', pictures, noise, from, hands: some }));
    }
    return cases;
  };
  const [two, one] = [await runs('two'), await runs('one')];
  const columns = (name: string) => NOISES.map((noise) => `${name}, ${100 * noise} %`);
  return `# Hands that are not ours

${hands} invented hands of a make by which no doubt was set (\`studio-demo/foreign/strangerHand.ts\`; those were set on \`foreignHand.ts\`, which has other
tables and other joints): axes of the thumb turned by up to 30° and of the knuckles by up to 15°, hinges up to 6° off square, bones of another
published table and off it by 6 %, palms and wrists of other proportions, fingertips clicked 0 to 14 mm beyond the bone, 35 % of the thumbs straight,
bends spread evenly; pictures at least 45° apart, turned by 60° (SD) about their line of sight. Degrees: mean error (bias); within 1/2 SD, of which
68/95 % are wanted. Of one picture (${hands * SHARE_OF_ONE} hands): how often the range holds the truth; its mean width (how many are wider than ${HARDLY_TOLD_DEG}°, which is said where they are shown).

${table(
  ['', ...columns('two pictures'), ...columns('one picture')],
  ROWS.map(({ name, has }) => [
    name,
    ...two.map(({ bends }) => told(bends.filter(has))),
    ...one.map(({ bends }) => ranged(bends.filter(has))),
  ]),
)}

Refused, though all was of one hold: of two pictures ${refusals(two)}; of one ${refusals(one)}.
`;
}
