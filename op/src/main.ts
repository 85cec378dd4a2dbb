import { parseArgs } from 'node:util';
import { describeIssue } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';
import { measureFile } from './measureFile';
import { readInput } from './readInput';

const USAGE = `Usage: op measure FILE.json [--hold ID]
       op measure - [--hold ID]          reads from standard input
Gives the measures of one picture of a hold as JSON. docs/measure-file.md tells the format.`;

/** Runs one command; the exit code is 0 when it answered, 2 when the input was refused. */
async function main(argv: string[]): Promise<number> {
  const { positionals, values } = parseArgs({
    args: argv,
    allowPositionals: true,
    options: { hold: { type: 'string' }, help: { type: 'boolean' } },
  });
  const [command, file, ...rest] = positionals;
  if (values.help) {
    process.stdout.write(`${USAGE}\n`);
    return 0;
  }
  if (command !== 'measure' || file === undefined || rest.length > 0) {
    process.stderr.write(`${USAGE}\n`);
    return 2;
  }
  const answer = measureFile(await readInput(file), values.hold);
  process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
  return 0;
}

try {
  process.exitCode = await main(process.argv.slice(2));
} catch (error) {
  process.stderr.write(`${explain(error)}\n`);
  process.exitCode = 2;
}

function explain(error: unknown): string {
  if (error instanceof InputError) return error.issues.map(describeIssue).join('\n');
  const isOption = error instanceof TypeError && 'code' in error;
  if (isOption) return `${error.message}\n${USAGE}`;
  throw error;
}
