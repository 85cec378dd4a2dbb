import { buildServer } from './testing/builtServer';
import { seededRandom } from './testing/seededRandom';
import { playYear } from './testing/year/playYear';

/** A whole year of sixty with `npm run soak`. */
const WEEKS = Number(process.env.WEEKS ?? 6);
const STUDENTS = Number(process.env.STUDENTS ?? 12);
const SEED = Number(process.env.SEED ?? 20261201);

it(
  'a studio that loses power, fills its disk, is put back and forgets people loses nothing, and nobody comes back',
  async () => {
    const result = await playYear(buildServer('year-test'), {
      weeks: WEEKS,
      students: STUDENTS,
      random: seededRandom(SEED),
    });
    const { lost, resurrected, named, megabytes, ...counts } = result;
    process.stderr.write(
      `Measured: ${JSON.stringify({ ...counts, lost: lost.length, resurrected: resurrected.length })} ${JSON.stringify(megabytes)} MB\n`,
    );
    expect({ lost, resurrected, named }).toEqual({ lost: [], resurrected: [], named: [] });
    expect(counts.kept).toBeGreaterThan(STUDENTS);
    expect(counts.erased).toBeGreaterThan(0);
    expect(counts.restores).toBeGreaterThan(0);
    expect(counts.fullDisks).toBeGreaterThan(0);
  },
  60_000 + WEEKS * STUDENTS * 2000,
);
