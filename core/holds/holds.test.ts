import { NORMAL_FLEXION_DEG, PLAUSIBLE_FLEXION_DEG } from '../hand';
import {
  categoriesOf,
  findHoldIssues,
  MEASURE_IDS,
  specOf,
  VIEWS,
  verdictAgainst,
  type MeasureId,
} from '../measure';
import { adaptHold } from './adaptHold';
import { bandFor } from './bandFor';
import { HOLD_IDS, holdById, holdsFor } from './holds';
import { holdSchema, type Band, type Range } from './holdSchema';

describe('little fingers that may leave, and those that may not', () => {
  const allowed = (id: string, context: Parameters<typeof bandFor>[2]) => {
    const band = bandFor(holdById(id), 'littlePlace', context);
    return band && 'allowed' in band ? band.allowed : [];
  };

  it('leave with a deep index in the whole upper half, and nowhere else', () => {
    for (const context of ['middle', 'point'] as const) {
      expect(allowed('violin-deep', context)).toContain('off');
    }
    expect(allowed('violin-deep', 'playing-start')).toContain('off');
    for (const context of ['heel', 'free'] as const) {
      expect(allowed('violin-deep', context)).not.toContain('off');
    }
    expect(allowed('violin-shallow', 'point')).not.toContain('off');
  });

  it('are out where they are collapsed, on a fiddle too, long or curled', () => {
    const fiddle = holdById('fiddle');
    for (const option of ['long', 'curled']) {
      const hold = adaptHold(fiddle, { fiddleLittle: option }, { bow: 1, hand: 1 });
      const verdict = (id: MeasureId, value: number) =>
        verdictAgainst(value, 8, bandFor(hold, id, 'free') as Range);
      expect(verdict('littleDipFlexion', -20)).toBe('low');
      expect(verdict('littlePipFlexion', -15)).toBe('low');
    }
  });
});

describe.each([...HOLD_IDS])('the hold %s', (id) => {
  const hold = holdById(id);

  it('says for every measure how it is judged, and knows no other', () => {
    expect(Object.keys(hold.checkpoints).sort()).toEqual([...MEASURE_IDS].sort());
  });

  it('has no band beyond anatomy, and none of the wrong kind', () => {
    expect(findHoldIssues(hold)).toEqual([]);
  });

  it('says how it is built, in more than one order unless there is only one, and what tests suit it', () => {
    expect(hold.building.length).toBeGreaterThanOrEqual(hold.hand === 'over' ? 2 : 1);
    for (const { steps } of hold.building) {
      expect(steps[0]).toBe('loosen');
      expect(steps.at(-1)).toBe('play');
    }
    expect(hold.tests).toContain('thumb-release');
    expect(hold.cautions).toContain('pain');
  });

  it('is drawn as the hand it is: over with leaning fingers, under with tips below the stick', () => {
    expect('phalanxLeanDeg' in hold.portrait).toBe(hold.hand === 'over');
  });

  it('asks each question once, with answers that differ', () => {
    const ids = hold.settings.map((setting) => setting.id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { options } of hold.settings) {
      expect(new Set(options.map((option) => option.id)).size).toBe(options.length);
      // The default is what the hold already says.
      expect(Object.keys(options[0]!)).toEqual(['id']);
    }
  });

  it('names only views there are', () => {
    for (const view of hold.views) expect(VIEWS).toContain(view);
  });

  it('keeps its bends inside what a joint can do, and overlapping normal motion', () => {
    for (const measure of MEASURE_IDS) {
      const spec = specOf(measure);
      if (spec.kind !== 'number' || !spec.joint) continue;
      const plausible = PLAUSIBLE_FLEXION_DEG[spec.joint];
      const normal = NORMAL_FLEXION_DEG[spec.joint];
      for (const context of ['free', 'heel', 'middle', 'point']) {
        const band = bandFor(hold, measure, context) as Range | null;
        if (!band) continue;
        expect(band.lo ?? 0).toBeGreaterThanOrEqual(plausible.lo);
        expect(band.hi ?? 0).toBeLessThanOrEqual(plausible.hi);
        expect(band.lo ?? -Infinity).toBeLessThan(normal.hi);
        expect(band.hi ?? Infinity).toBeGreaterThan(normal.lo);
      }
    }
  });

  it('allows only categories that can be measured', () => {
    for (const measure of MEASURE_IDS) {
      const band = bandFor(hold, measure);
      if (!band || !('allowed' in band)) continue;
      for (const allowed of band.allowed) expect(categoriesOf(specOf(measure))).toContain(allowed);
    }
  });
});

describe('violin-shallow', () => {
  const hold = holdById('violin-shallow');

  it('has the bands of the shallow-index hold', () => {
    expect(bandFor(hold, 'thumbIpFlexion', 'free')).toEqual({ lo: 20, hi: 60 });
    expect(bandFor(hold, 'indexDepth')).toEqual({ lo: 1.1, hi: 1.9 });
    expect(bandFor(hold, 'littlePlace')).toEqual({ allowed: ['top'] });
  });

  it('judges by the place in the bow where it says so', () => {
    expect(bandFor(hold, 'littlePipFlexion', 'heel')).toEqual({ lo: 35, hi: 75 });
    expect(bandFor(hold, 'littlePipFlexion', 'free')).toEqual({ lo: 25, hi: 70 });
    expect(bandFor(hold, 'wristFlexion', 'point')).toEqual({ lo: -30, hi: 0 });
    expect(bandFor(hold, 'wristFlexion', 'free')).toEqual({ lo: -10, hi: 25 });
    expect(bandFor(hold, 'wristFlexion', 'playing-end')).toEqual({ lo: -30, hi: 35 });
    expect(bandFor(hold, 'indexPipFlexion', 'point')).toBeNull();
  });

  it('never lets the thumb turn backward, even at the point', () => {
    expect((bandFor(hold, 'thumbIpFlexion', 'point') as Range).lo).toBe(0);
  });

  it('gives no band where none is trustworthy', () => {
    expect(bandFor(hold, 'gapEvenness')).toBeNull();
  });
});

describe('every other hold', () => {
  // The figures of the trade's table of holds.
  it.each<[string, MeasureId, Band]>([
    ['violin-deep', 'indexDepth', { lo: 2, hi: 2.9 }],
    ['violin-deep', 'middleDepth', { lo: 1.2, hi: 2 }],
    ['violin-deep', 'littlePipFlexion', { lo: 10, hi: 50 }],
    ['violin-starter', 'indexDepth', { lo: 1.1, hi: 1.9 }],
    ['fiddle', 'littlePipFlexion', { lo: 0, hi: 30 }],
    ['cello', 'thumbIpFlexion', { lo: 10, hi: 50 }],
    ['cello', 'littlePlace', { allowed: ['over'] }],
    ['cello', 'littleDepth', { lo: 0.6, hi: 1.3 }],
    ['cello', 'handLean', { lo: 10, hi: 35 }],
    ['cello-small-hand', 'indexDepth', { lo: 0.9, hi: 1.3 }],
    ['french-bass-ring', 'indexLead', { lo: 25 }],
    ['french-bass-ring', 'ringDepth', { lo: 0.3, hi: 1 }],
    ['french-bass-knuckles', 'middleDepth', { lo: 1.7, hi: 2.3 }],
    ['french-bass-knuckles', 'indexLead', { lo: 20 }],
    ['german-bass', 'thumbPlace', { lo: -25, hi: 15 }],
    ['german-bass', 'indexDepth', { lo: 0, hi: 1 }],
  ])('%s wants %s %j', (id, measure, band) => {
    expect(bandFor(holdById(id), measure, 'free')).toEqual(band);
  });

  it('lets the deep hold’s little finger leave the stick at the point, and only there', () => {
    const deep = holdById('violin-deep');
    expect(bandFor(deep, 'littlePlace', 'point')).toEqual({ allowed: ['top', 'off'] });
    expect(bandFor(deep, 'littlePlace', 'heel')).toEqual({ allowed: ['top'] });
  });

  it('never lets a thumb turn backward, in any school', () => {
    for (const id of HOLD_IDS) {
      for (const context of ['free', 'heel', 'middle', 'point']) {
        const band = bandFor(holdById(id), 'thumbIpFlexion', context) as Range;
        expect(band.lo).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it('gives the German bass no verdict on the wrist’s direction', () => {
    expect(bandFor(holdById('german-bass'), 'wristFlexion', 'heel')).toBeNull();
    expect(bandFor(holdById('german-bass'), 'wristFlexion', 'middle')).toEqual({ lo: -15, hi: 15 });
  });

  it('belongs to its instruments, the usual one first', () => {
    expect(holdsFor('violin')[0]!.id).toBe('violin-shallow');
    expect(holdsFor('viola').map((hold) => hold.id)).toEqual(holdsFor('violin').map((h) => h.id));
    expect(holdsFor('cello').map((hold) => hold.id)).toEqual(['cello', 'cello-small-hand']);
    expect(holdsFor('bass').map((hold) => hold.id)).toEqual([
      'french-bass-ring',
      'french-bass-knuckles',
      'german-bass',
    ]);
  });
});

describe('the hold schema', () => {
  const sound = structuredClone(holdById('violin-shallow'));
  const withBand = (band: unknown) => ({
    ...sound,
    checkpoints: { thumbIpFlexion: { band, standing: 'memory' } },
  });

  it.each([
    ['an empty band', {}],
    ['a band that begins after its end', { lo: 5, hi: 4 }],
    ['a band with a word for a number', { lo: 'five' }],
    ['a category list with nothing allowed', { allowed: [] }],
  ])('refuses %s', (_what, band) => {
    expect(holdSchema.safeParse(withBand(band)).success).toBe(false);
    expect(holdSchema.safeParse(withBand({ lo: 4, hi: 5 })).success).toBe(true);
  });

  it('refuses a hold it has never heard of, naming those it knows', () => {
    expect(() => holdById('banjo')).toThrow('unknownHold');
  });
});
