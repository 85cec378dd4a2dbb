import { NOISES } from './fitCases';
import { foreignCases, type ForeignBend, type ForeignCases } from './foreignCases';
import { table } from './pageTable';

const ROWS: readonly { name: string; has: (bend: ForeignBend) => boolean }[] = [
  { name: 'Thumb, last joint', has: ({ joint }) => joint === 'thumbIp' },
  { name: 'Thumb, last joint, straight', has: ({ isStraightThumb }) => isStraightThumb },
  { name: 'Thumb, middle joint', has: ({ joint }) => joint === 'thumbMcp' },
  ...(['index', 'middle', 'ring', 'little'] as const).map((finger) => ({
    name: `${finger[0]!.toUpperCase()}${finger.slice(1)} finger, middle joint`,
    has: ({ joint }: ForeignBend) => joint === `${finger}Pip`,
  })),
  { name: 'All last joints of the fingers', has: ({ joint }) => joint.endsWith('Dip') },
];

function figures(bends: readonly ForeignBend[]): string {
  const mean = bends.reduce((sum, { errorDeg }) => sum + Math.abs(errorDeg), 0) / bends.length;
  const bias = bends.reduce((sum, { errorDeg }) => sum + errorDeg, 0) / bends.length;
  const within = (sds: number) =>
    Math.round((100 * bends.filter((bend) => bend.sds < sds).length) / bends.length);
  return `${mean.toFixed(1)} (${bias < 0 ? '−' : '+'}${Math.abs(bias).toFixed(1)}); ${within(1)}/${within(2)} %`;
}

/**
 * The part of docs/accuracy.md about hands that are not like the model.
 *
 * @param from the first hand's seed
 */
export function foreignPage(hands: number, from: number): string {
  const cases: ForeignCases[] = NOISES.map((noise) => foreignCases(hands, from, noise));
  return `# Hands that are not ours

${hands} invented hands, others than those by which the doubt was set, but of the same tables (\`studio-demo/foreign\`): axes of thumb and knuckles turned
by up to 30°, bones of another table and off it by 7 %, fingertips clicked 0 to 14 mm beyond the bone, 40 % of the thumbs straight; two pictures at
least 45° apart, turned by 15° (SD) about their line of sight. Degrees: mean error (bias); within 1/2 SD, of which 68/95 % are wanted.

${table(
  ['', ...NOISES.map((noise) => `two pictures, ${100 * noise} %`)],
  ROWS.map(({ name, has }) => [name, ...cases.map(({ bends }) => figures(bends.filter(has)))]),
)}

Refused, though both pictures are of one hold: ${cases
    .map(({ refused }, i) => `${refused} at ${100 * NOISES[i]!} %`)
    .join(', ')}.
`;
}
