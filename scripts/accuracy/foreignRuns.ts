import { fork } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { foreignCases, type ForeignCases, type ForeignRun } from './foreignCases';

const SELF = fileURLToPath(import.meta.url);

/** A run of foreign hands shared out to as many processes as there are cores: the same hands, whatever their number. */
export async function foreignRun(run: ForeignRun): Promise<ForeignCases> {
  const parts = availableParallelism();
  const each = Math.ceil(run.hands / parts);
  const shares = Array.from({ length: parts }, (_, i) => ({
    ...run,
    from: run.from + i * each,
    hands: Math.max(0, Math.min(each, run.hands - i * each)),
  }));
  const cases = await Promise.all(shares.map(inProcess));
  return {
    hands: run.hands,
    refused: cases.reduce((sum, { refused }) => sum + refused, 0),
    bends: cases.flatMap(({ bends }) => bends),
  };
}

function inProcess(run: ForeignRun): Promise<ForeignCases> {
  return new Promise((done, fail) => {
    const child = fork(SELF, [JSON.stringify(run)], { execArgv: ['--import', 'tsx'] });
    let cases: ForeignCases | null = null;
    child.on('message', (message) => {
      cases = message as ForeignCases;
    });
    child.on('exit', (code) =>
      cases && code === 0 ? done(cases) : fail(new Error(`a run of hands ended with ${code}`)),
    );
  });
}

const [, script, share] = process.argv;
if (script === SELF && share) {
  const cases = foreignCases(JSON.parse(share) as ForeignRun);
  process.send?.(cases, undefined, undefined, () => process.disconnect());
}
