import { basename, extname } from 'node:path';
import { parseArgs } from 'node:util';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { solveWith } from '@open-palm/core/practice/plan';
import { balanceFile } from './balanceFile';
import { convertFile, FORMATS, type Format } from './convertFile';
import { fitFile } from './fitFile';
import { judgeFile } from './judgeFile';
import { measureFile } from './measureFile';
import { planFile, type PlanAnswer } from './planFile';
import { readJson, readText } from './readInput';
import { strokeFile } from './strokeFile';
import { trackFile } from './trackFile';

const USAGE = `Usage: op measure FILE.json [--hold ID]
       op fit FILE.json [--hold ID]
       op judge FILE.json
       op balance FILE.json
       op stroke FILE.csv [--hold ID]
       op track FILE.json
       op plan FILE.json
       op convert FILE.json --to ${FORMATS.join('|')}
A - instead of the file reads from standard input.
measure gives every measure of a look at a hold as JSON; docs/measure-file.md tells the format.
fit gives the joints of the hand that explains the pictures, with their doubts; docs/fitting.md tells how.
judge ranks the causes of what was seen, and says why; docs/judging.md tells the format.
balance gives the forces that hold a bow still in a hand; docs/balance.md tells the format.
stroke gives the wrist's range, places and smoothness over the strokes of a take; docs/stroke.md tells the columns.
track tells changes, trends and drift of a student's checks and when to look again; docs/tracking.md tells the format.
plan chooses what to practise until the next lesson, and says which limit binds; docs/practice.md tells the format.
convert turns measure files into COCO keypoints and back; docs/coco.md tells how.`;

/** Runs one command; the exit code is 0 when it answered, 2 when the input was refused. */
async function main(argv: string[]): Promise<number> {
  const { positionals, values } = parseArgs({
    args: argv,
    allowPositionals: true,
    options: {
      hold: { type: 'string' },
      to: { type: 'string' },
      help: { type: 'boolean' },
    },
  });
  const [command, file, ...rest] = positionals;
  if (values.help) {
    process.stdout.write(`${USAGE}\n`);
    return 0;
  }
  const isFormat = (FORMATS as readonly (string | undefined)[]).includes(values.to);
  const isKnown =
    ['measure', 'fit', 'judge', 'balance', 'stroke', 'track', 'plan'].includes(command ?? '') ||
    (command === 'convert' && isFormat);
  if (!isKnown || command === undefined || file === undefined || rest.length > 0) {
    process.stderr.write(`${USAGE}\n`);
    return 2;
  }
  const answer = await (command === 'stroke'
    ? strokeFile(await readText(file), values.hold)
    : command === 'plan'
      ? planned(await readJson(file))
      : answerTo(command, await readJson(file), values, basename(file, extname(file))));
  process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
  return 0;
}

/** The solver is only loaded where something is planned. */
async function planned(content: unknown): Promise<PlanAnswer> {
  const { default: loadHighs } = await import('highs');
  return planFile(content, solveWith(await loadHighs()));
}

function answerTo(
  command: string,
  content: unknown,
  { hold, to }: { hold?: string | undefined; to?: string | undefined },
  name: string,
): unknown {
  if (command === 'measure') return measureFile(content, hold);
  if (command === 'fit') return fitFile(content, hold);
  if (command === 'judge') return judgeFile(content);
  if (command === 'balance') return balanceFile(content);
  if (command === 'track') return trackFile(content);
  return convertFile(content, to as Format, name);
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
