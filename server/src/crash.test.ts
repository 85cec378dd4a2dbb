import { seededRandom } from './testing/seededRandom';
import { buildServer } from './testing/builtServer';
import { soak } from './testing/soak';

let main: string;
beforeAll(() => (main = buildServer('crash-test')));

/** A thousand with `npm run soak`. */
const KILLS = Number(process.env.KILLS ?? 5);
const SEED = Number(process.env.SEED ?? 20261129);

describe('kill -9 in the middle of writes to every resource', () => {
  it(
    'loses nothing that was acknowledged, keeps nothing by half, and knows every write again',
    async () => {
      const result = await soak(main, { kills: KILLS, random: seededRandom(SEED) });
      process.stderr.write(
        `Measured: ${result.kills} kills, ${result.acknowledged} acknowledged writes, ${result.lost.length} lost\n`,
      );
      expect(result.lost).toEqual([]);
      expect(result.acknowledged).toBeGreaterThan(KILLS);
    },
    20_000 + KILLS * 10_000,
  );
});
