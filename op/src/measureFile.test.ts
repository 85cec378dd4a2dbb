import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describeIssue } from '@open-palm/words/describe';
import { HOLD_IDS } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { MEASURE_IDS } from '@open-palm/core/measure';
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
    expect(hold).toEqual({ id: 'violin-shallow', version: 3 });
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
    ['no JSON object', 'hello', ['file: is missing, or is no object.']],
    ['a point too few', { ...example, hand: example.hand.slice(1) }, [/^hand: expected 21 points/]],
    ['an unknown view', changed({ view: 'from-below' }), [/^view: /]],
    ['a misspelt field', changed({ frogLenghtMm: 46 }), [/frogLenghtMm/]],
    ['an unknown hold', changed({ hold: 'banjo' }), [/no hold "banjo".*violin-shallow/]],
    ['a frog of −46 mm', changed({ frogLengthMm: -46 }), [/frogLengthMm must be longer than 0 mm/]],
    ['a doubt of 0', changed({ sigmaPx: 0 }), [/^sigmaPx: must be above 0/]],
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

describe('every measure for every hold', () => {
  const profile = {
    ...example,
    view: 'profile',
    forearm: [300, 60],
    shoulder: [60, 500],
    elbow: [200, 80],
  };
  const { hold: _h, context: _c, ...fingerSide } = example;
  const { hold: _h2, context: _c2, ...side } = profile;

  it.each(HOLD_IDS)('is told for %s: with a value or with the reason why not', (id) => {
    for (const content of [example, profile, { pictures: [fingerSide, side] }]) {
      const { measures, notMeasured } = measureFile(content, id);
      const told = [...new Set([...measures, ...notMeasured].map((outcome) => outcome.id))];
      expect(told.sort()).toEqual([...MEASURE_IDS].sort());
      for (const outcome of notMeasured) expect(outcome.reason).toMatch(/./);
    }
  });

  it('comes from several pictures and taps merged, with the sources', () => {
    const { measures } = measureFile({
      hold: 'violin-shallow',
      pictures: [fingerSide, fingerSide, { ...side, place: 'heel' }, { ...side, place: 'point' }],
      taps: [{ measure: 'indexDepth', answer: { kind: 'value', value: 2.7, sd: 0.15 } }],
    });
    const one = measureFile(example).measures.find(({ id }) => id === 'indexDepth')!;
    const two = measures.find(({ id }) => id === 'indexDepth')!;
    expect(two).toMatchObject({ sources: [0, 1, null], conflict: true, verdict: 'unsure' });
    expect(two.sd!).toBeLessThan(one.sd!);
    expect(measures.filter(({ id }) => id === 'wristFlexion').map(({ place }) => place)).toEqual([
      'heel',
      'point',
    ]);
    expect(measures.find(({ id }) => id === 'wristRange')).toMatchObject({ value: 0 });
  });

  it('compares the gaps with a relaxed hand that the file brings', () => {
    const { measures } = measureFile({ ...example, relaxedHand: { hand: example.hand } });
    const ratio = measures.find(({ id }) => id === 'gapRatio12')!;
    expect(ratio.value).toBeGreaterThan(0);
    const lame = { hand: example.hand.with(14, null) };
    expect(refusal({ ...example, relaxedHand: lame })).toEqual(['ringPip is not marked.']);
  });

  it('goes by the settings and the sizes that the file names', () => {
    const bandOf = (more: Record<string, unknown>, id: string) =>
      measureFile(changed(more)).measures.find((m) => m.id === id)!.band as { hi: number };
    const eye = { view: 'player-eye', hand: example.hand.with(4, [404, 320]) };
    const full = bandOf({ ...eye, middleFingerMm: 100 }, 'indexLead');
    const small = bandOf({ ...eye, middleFingerMm: 80 }, 'indexLead');
    expect(small.hi).toBeCloseTo(0.8 * full.hi, 9);
  });

  it('refuses a file of several pictures with neither picture nor answer', () => {
    expect(refusal({ hold: 'cello', pictures: [] })).toEqual([
      'pictures: expected a picture or an answer.',
    ]);
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

  it('converts to COCO keypoints', () => {
    const { status, stdout } = op(['convert', EXAMPLE_PATH, '--to', 'coco']);
    expect(status).toBe(0);
    expect(JSON.parse(stdout).images[0].file_name).toBe('finger-side');
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
    expect(op(['convert', EXAMPLE_PATH, '--to', 'banjo'])).toMatchObject({ status: 2 });
    expect(op(['mesure', 'x']).stderr).toMatch(/^Usage/);
    expect(op(['measure', 'x', '--hodl', 'y'])).toMatchObject({ status: 2 });
  });
});
