import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import loadHighs from 'highs';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { solveWith, type SolveProgramme } from '@open-palm/core/practice/plan';
import { planFile } from './planFile';

const example = JSON.parse(
  readFileSync(join(__dirname, '../../docs/examples/plan.json'), 'utf8'),
) as Record<string, unknown>;

let solve: SolveProgramme;
beforeAll(async () => {
  solve = solveWith(await loadHighs());
});

const refusal = (content: unknown): string[] => {
  try {
    planFile(content, solve);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue);
    throw error;
  }
  return [];
};

describe('planFile', () => {
  it('answers the documented example: a week, six minutes a day, rest on the day without the violin', () => {
    const { none, days, limits, binding, oneMoreMinute, learned } = planFile(example, solve);
    expect(none).toBeNull();
    expect(days.map(({ on }) => on)).toEqual([2, 3, 4, 5, 6, 7, 8].map((day) => `2026-12-0${day}`));
    expect(days.find(({ phase }) => phase === null)!.on).toBe('2026-12-06');
    for (const { minutes, drills } of days) {
      expect(minutes).toBeLessThanOrEqual(6);
      expect(drills.length).toBeLessThanOrEqual(3);
    }
    // The thumb on its pad is what is likeliest, and what practice goes to.
    expect(days[0]!.drills.map(({ drill }) => drill)).toContain('thumb-release');
    expect(limits).toEqual({ minutesADay: 6, drillsADay: 3, newShapes: 2, loadMinutes: 1 });
    expect(binding!.gain).toBeGreaterThan(0);
    expect(binding!.isSafety).toBe(false);
    expect(oneMoreMinute!.cause).toBe('thumbOnItsPad');
    expect(learned['thumb-release']).toEqual({ mean: (6 + 2) / 12, periods: 2, says: null });
  });

  it('is rest, and no drill at all, while it hurts', () => {
    expect(planFile({ ...example, hurts: true }, solve)).toMatchObject({ none: 'hurts', days: [] });
  });

  it('tells why there is none: no minutes, or the lesson today', () => {
    expect(planFile({ ...example, minutesADay: 0 }, solve).none).toBe('noTime');
    expect(planFile({ ...example, lesson: example.from }, solve).none).toBe('noDays');
  });

  it('says what is wrong with a file, and where', () => {
    expect(refusal({ ...example, locked: ['push-ups'] })).toEqual([
      'locked[0]: there is no drill "push-ups".',
    ]);
    expect(refusal({ ...example, lesson: '2026-11-01' })).toEqual([
      'lesson: lies 0 to 62 days after the first day of practice.',
    ]);
    expect(refusal({ ...example, causes: { thumbOnItsPad: 2 } })[0]).toContain('causes');
  });
});
