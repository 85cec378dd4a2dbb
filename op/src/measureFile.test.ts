import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describeIssue } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';
import { measureFile } from './measureFile';

const EXAMPLE_PATH = join(__dirname, '../../docs/examples/finger-side.json');
const example = JSON.parse(readFileSync(EXAMPLE_PATH, 'utf8'));
const changed = (change: Record<string, unknown>) => ({ ...example, ...change });

/** The sentences with which a file is refused. */
function refusal(content: unknown, holdId?: string): string[] {
  try {
    measureFile(content, holdId);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue);
    throw error;
  }
  return [];
}

describe('measureFile', () => {
  it('answers the documented example with what was drawn in it', () => {
    const { measures, hold, warnings } = measureFile(example);
    const byId = new Map(measures.map((m) => [m.id, m]));
    expect(hold).toEqual({ id: 'violin-shallow', version: 1 });
    expect(byId.get('indexDepth')).toMatchObject({ value: 1.5, unit: 'u', verdict: 'in' });
    expect(byId.get('indexDepth')!.band).toEqual({ lo: 1.1, hi: 1.9 });
    expect(byId.get('gap12')).toMatchObject({ value: 20, verdict: 'none', band: null });
    expect(byId.get('littlePlace')).toMatchObject({ value: 'top', sd: null, verdict: 'in' });
    expect(warnings).toEqual([]);
  });

  it('un-mirrors a picture that says it is mirrored, to the same answer', () => {
    const flip = (p: number[] | null) => p && [example.image.width - p[0]!, p[1]];
    const mirrored = changed({
      mirrored: true,
      hand: example.hand.map(flip),
      bow: Object.fromEntries(
        Object.entries(example.bow).map(([name, p]) => [name, flip(p as number[])]),
      ),
    });
    expect(measureFile(mirrored)).toEqual(measureFile(example));
    expect(measureFile({ ...mirrored, mirrored: false }).warnings[0]).toMatch(/mirrored/);
  });

  it.each([
    ['no JSON object', 'hello', ['file: Invalid input: expected object, received string.']],
    ['a point too few', { ...example, hand: example.hand.slice(1) }, [/^hand: expected 21 points/]],
    ['an unknown view', changed({ view: 'from-below' }), [/^view: /]],
    ['a misspelt field', changed({ frogLenghtMm: 46 }), [/frogLenghtMm/]],
    ['an unknown hold', changed({ hold: 'banjo' }), [/no hold "banjo".*violin-shallow/]],
    ['a frog of −46 mm', changed({ frogLengthMm: -46 }), [/frogLengthMm must be longer than 0 mm/]],
    ['a doubt of 0', changed({ sigmaPx: 0 }), [/^sigmaPx: expected a doubt above 0/]],
    [
      'a stick without length',
      changed({ bow: { ...example.bow, stickTipEnd: example.bow.stickHandEnd } }),
      [/^bow.stickTipEnd lies on the stick's other mark/],
    ],
    [
      'two equal points',
      changed({ hand: example.hand.with(8, example.hand[7]) }),
      [/hand\[8\] \(index tip\) lies on the same spot as hand\[7\] \(index dip\)/],
    ],
    [
      'a point outside the picture',
      changed({ hand: example.hand.with(4, [5000, 20]) }),
      [/hand\[4\] \(thumb tip\) lies at 5000, 20, outside the picture/],
    ],
    [
      'a word for a coordinate',
      changed({ hand: example.hand.with(0, ['x', 2]) }),
      [/hand\[0\] \(wrist\): expected \[x, y\]/],
    ],
  ])('refuses %s, saying what and where', (_what, content, sentences) => {
    const said = refusal(content);
    expect(said).toHaveLength(sentences.length);
    sentences.forEach((sentence, i) => expect(said[i]).toMatch(sentence));
  });

  it('asks for a hold when neither the file nor the option names one', () => {
    expect(refusal(changed({ hold: undefined }))).toEqual([
      'hold: expected the id of a hold, here or as --hold.',
    ]);
    expect(refusal(changed({ hold: undefined }), 'violin-shallow')).toEqual([]);
  });

  it('leaves out what was not seen instead of inventing it', () => {
    const { measures, notMeasured } = measureFile(changed({ hand: example.hand.with(20, null) }));
    expect(measures.map((m) => m.id)).not.toContain('littlePlace');
    expect(notMeasured).toContainEqual(
      expect.objectContaining({ id: 'littlePlace', reason: 'notSeen', points: ['littleTip'] }),
    );
  });
});

describe('the op command', () => {
  const root = join(__dirname, '../..');
  const op = (args: string[], input?: string) =>
    spawnSync(process.execPath, ['--import', 'tsx', 'op/src/main.ts', ...args], {
      cwd: root,
      encoding: 'utf8',
      ...(input === undefined ? {} : { input }),
    });

  it('reads a file and standard input alike', () => {
    const fromFile = op(['measure', EXAMPLE_PATH]);
    const fromInput = op(['measure', '-'], readFileSync(EXAMPLE_PATH, 'utf8'));
    expect(fromFile.status).toBe(0);
    expect(JSON.parse(fromFile.stdout)).toEqual(JSON.parse(JSON.stringify(measureFile(example))));
    expect(fromInput.stdout).toBe(fromFile.stdout);
  });

  it('leaves with 2 and one clear line for a file that is not JSON, NaN included', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'op-')), 'bad.json');
    writeFileSync(file, '{ "sigmaPx": NaN }');
    const { status, stdout, stderr } = op(['measure', file]);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toMatch(/bad\.json is not JSON: /);
    expect(stderr.trim().split('\n')).toHaveLength(1);
  });

  it('leaves with 2 for a file that is not there and for a wrong call', () => {
    expect(op(['measure', 'nowhere.json'])).toMatchObject({ status: 2 });
    expect(op(['measure', 'nowhere.json']).stderr).toMatch(/nowhere.json: there is no such file/);
    expect(op(['mesure', 'x']).stderr).toMatch(/^Usage/);
    expect(op(['measure', 'x', '--hodl', 'y'])).toMatchObject({ status: 2 });
  });
});
