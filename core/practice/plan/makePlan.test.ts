import loadHighs from 'highs';
import { lessEq, solve as yalps } from 'yalps';
import { DRILLS } from '../drills';
import { makePlan, solvedWithin, type SolveProgramme } from './makePlan';
import { offersOf, type Offer } from './offers';
import { phasesOf, restDays } from './phases';
import { isShortTurned, planLimits, type PlanFacts, type PlanLimits } from './planFacts';
import { programmeOf, REPEAT } from './programme';
import { solveWith } from './solveWith';
import { anyFacts, daysFrom, STUDENT } from './testing/planCases';

let solve: SolveProgramme;
beforeAll(async () => {
  solve = solveWith(await loadHighs());
});

/** Facts of which at most so many drills are worth anything. */
function withFew(facts: PlanFacts, most: number): PlanFacts {
  const extra = offersOf(facts)
    .filter(({ benefit }) => benefit > 0)
    .slice(most)
    .map(({ drill }) => drill.id);
  return { ...facts, dropped: [...facts.dropped, ...extra] };
}

/** The best worth of one day, every choice tried. */
function bruteForce(offers: readonly Offer[], limits: PlanLimits): number {
  const choices = (at: number, left: PlanLimits, loading: number, others: number): number => {
    if (at === offers.length) return loading > others + 1 ? -Infinity : 0;
    const { drill, turnsADay, minutesATurn, load, benefit, after } = offers[at]!;
    let best = choices(at + 1, left, loading, others);
    if (after !== null || left.drillsADay === 0 || (drill.newShape && left.newShapes === 0))
      return best;
    let worth = 0;
    for (let turns = 1; turns <= turnsADay; turns += 1) {
      const minutes = turns * minutesATurn;
      if (minutes > left.minutesADay || (load === 2 && minutes > left.loadMinutes)) break;
      worth += benefit * REPEAT.withinDay ** (turns - 1);
      const rest = {
        minutesADay: left.minutesADay - minutes,
        drillsADay: left.drillsADay - 1,
        newShapes: left.newShapes - (drill.newShape ? 1 : 0),
        loadMinutes: left.loadMinutes - (load === 2 ? minutes : 0),
      };
      const more = choices(at + 1, rest, loading + (load > 0 ? 1 : 0), others + (load > 0 ? 0 : 1));
      best = Math.max(best, worth + more);
    }
    return best;
  };
  return choices(0, limits, 0, 0);
}

/** The optimum by another solver, which takes the programme itself. */
function optimumByYalps(facts: PlanFacts): number {
  const offers = offersOf(facts).filter(({ benefit }) => benefit > 0);
  const programme = programmeOf(offers, phasesOf(facts.days), planLimits(facts), facts);
  const variables: Record<string, Record<string, number>> = {};
  const of = (name: string) => (variables[name] ??= {});
  for (const [name, worth] of Object.entries(programme.objective)) of(name).worth = worth;
  const constraints: Record<string, ReturnType<typeof lessEq>> = {};
  programme.rows.forEach(({ terms, most }, i) => {
    constraints[`r${i}`] = lessEq(most);
    for (const [name, factor] of Object.entries(terms)) of(name)[`r${i}`] = factor;
  });
  for (const name of programme.shares) {
    constraints[`most ${name}`] = lessEq(1);
    of(name)[`most ${name}`] = 1;
  }
  const { status, result } = yalps(
    {
      direction: 'maximize',
      objective: 'worth',
      constraints,
      variables,
      binaries: programme.binaries,
    },
    { tolerance: 0, timeout: Infinity, maxIterations: Infinity },
  );
  expect(status).toBe('optimal');
  return result;
}

describe('a plan', () => {
  it('of one day is the best of all choices, as trying every one of them shows', () => {
    for (let seed = 0; seed < 60; seed += 1) {
      const one = anyFacts(seed, { days: 1, causes: 4 });
      const facts = withFew({ ...one, student: { ...one.student, wasTired: false } }, 12);
      const offers = offersOf(facts).filter(({ benefit }) => benefit > 0);
      const able = offers.filter(
        ({ needsInstrument }) => !needsInstrument || facts.days[0]!.withInstrument,
      );
      const solved = solvedWithin(facts, planLimits(facts), solve)!;
      expect(solved.worth).toBeCloseTo(bruteForce(able, planLimits(facts)), 6);
    }
  });

  it('is worth as much as another solver finds, on 200 random cases', () => {
    for (let seed = 0; seed < 200; seed += 1) {
      const facts = withFew(anyFacts(seed + 1000, { days: 6, causes: 2 }), 3);
      if (offersOf(facts).every(({ benefit }) => benefit === 0)) continue;
      const solved = solvedWithin(facts, planLimits(facts), solve)!;
      expect(solved.worth).toBeCloseTo(optimumByYalps(facts), 5);
    }
  });

  it('keeps every rule for any student', () => {
    for (let seed = 0; seed < 100; seed += 1) {
      const facts = anyFacts(seed + 5000, { days: 9, causes: 3 });
      const answer = makePlan(facts, solve);
      if (answer.kind === 'none') {
        if (facts.student.hurts) expect(answer.why).toBe('hurts');
        continue;
      }
      expect(facts.student.hurts).toBe(false);
      expect(answer.plan.days.map(({ day }) => day)).toEqual(facts.days.map(({ day }) => day));
      expect(brokenRules(facts, answer.plan.days)).toEqual([]);
    }
  });

  it('is the same for the same facts', () => {
    expect(makePlan(STUDENT, solve)).toEqual(makePlan(structuredClone(STUDENT), solve));
  });

  it('has what is locked in every phase, and never what is dropped', () => {
    const facts = { ...STUDENT, locked: ['light-pull'], dropped: ['thumb-to-crease'] };
    const answer = makePlan(facts, solve);
    expect(answer.kind).toBe('plan');
    const days = answer.kind === 'plan' ? answer.plan.days : [];
    for (const { phase, drills } of days) {
      const ids = drills.map(({ drill }) => drill);
      if (phase !== null) expect(ids).toContain('light-pull');
      expect(ids).not.toContain('thumb-to-crease');
    }
    const tooMany = DRILLS.filter(({ kind }) => kind === 'loosen').map(({ id }) => id);
    expect(makePlan({ ...STUDENT, locked: tooMany }, solve)).toEqual({
      kind: 'none',
      why: 'lockedTooMuch',
    });
  });

  it.each([
    ['hurts', { student: { ...STUDENT.student, hurts: true } }],
    ['noDays', { days: [] }],
    ['noTime', { minutesADay: 0 }],
    ['nothingToPractise', { causes: { longNails: 1 }, dropped: ['mirror-watch', 'stop-and-look'] }],
  ] as const)('is none where it is %s', (why, more) => {
    expect(makePlan({ ...STUDENT, ...more }, solve)).toEqual({ kind: 'none', why });
  });

  it('parts what loads the little finger on days without the instrument too', () => {
    const facts: PlanFacts = {
      ...STUDENT,
      days: daysFrom(1, 5, [1, 3]),
      minutesADay: 20,
      student: { ...STUDENT.student, age: 14, level: 'advanced' },
      causes: { littleNotCarrying: 0.9, indexPressedAlone: 0.3, handDriftsForward: 0.9 },
      history: { 'shake-and-form': { stage: 1, daysDone: 9, effectScale: 1 } },
      dropped: DRILLS.map(({ id }) => id).filter(
        (id) => !['even-weight', 'stick-walk', 'press-release'].includes(id),
      ),
    };
    const answer = makePlan(facts, solve);
    const days = answer.kind === 'plan' ? answer.plan.days : [];
    expect(days.some(({ drills }) => drills.some(({ load }) => load > 0))).toBe(true);
    expect(brokenRules(facts, days)).toEqual([]);
  });

  it('loads a finger that tired on no two days in a row, also where the drills change', () => {
    const facts: PlanFacts = {
      ...STUDENT,
      days: daysFrom(1, 7),
      student: { ...STUDENT.student, age: 30, level: 'advanced', wasTired: true, carrySeconds: 20 },
      causes: { littleNotCarrying: 0.9 },
      locked: ['finger-lifts'],
    };
    const answer = makePlan(facts, solve);
    const days = answer.kind === 'plan' ? answer.plan.days : [];
    const loaded = days.filter(({ drills }) => drills.some(({ load }) => load === 2));
    expect(loaded.length).toBeGreaterThanOrEqual(3);
    expect(brokenRules(facts, days)).toEqual([]);
  });

  it('does on days without the instrument what needs none', () => {
    const facts = { ...STUDENT, days: daysFrom(1, 5, [1, 2]), causes: { shoulderSwing: 0.8 } };
    const answer = makePlan(facts, solve);
    const days = answer.kind === 'plan' ? answer.plan.days : [];
    expect(days.map(({ drills }) => drills.length > 0)).toEqual([true, false, false, true, true]);
  });
});

/** What of the rules a plan's days break, in words. */
function brokenRules(
  facts: PlanFacts,
  days: Extract<ReturnType<typeof makePlan>, { kind: 'plan' }>['plan']['days'],
): string[] {
  const limits = planLimits(facts);
  const broken: string[] = [];
  const must = (holds: boolean, rule: string) => void (holds || broken.push(rule));
  const rests = days.filter(({ phase }) => phase === null);
  must(rests.length === restDays(facts.days).length, 'a rest in seven');
  days.forEach(({ day, drills, minutes }, at) => {
    must(minutes <= limits.minutesADay, 'minutes a day');
    must(drills.length <= limits.drillsADay, 'drills a day');
    const found = drills.map((one) => ({ ...one, of: DRILLS.find(({ id }) => id === one.drill)! }));
    must(found.filter(({ of }) => of.newShape).length <= 2, 'two new shapes');
    const heavy = found.filter(({ load }) => load === 2);
    const loadMinutes = heavy.reduce((sum, one) => sum + one.turns * one.minutesATurn, 0);
    must(loadMinutes <= limits.loadMinutes, 'minutes that load');
    must(
      !found.some(({ load }, i) => load > 0 && (found[i + 1]?.load ?? 0) > 0),
      'two loads in a row',
    );
    for (const { of, stage, turns, minutesATurn } of found) {
      must(turns <= of.turnsADay, 'dose');
      must(!isShortTurned(facts.student.age) || minutesATurn <= 1, 'short turns for the small');
      must(!(of.endOfRange && facts.student.isHypermobile), 'end of range');
      const { withInstrument } = facts.days.find((one) => one.day === day)!;
      must(withInstrument || !of.stages[stage - 1]!.needs.includes('instrument'), 'no instrument');
    }
    const next = days[at + 1];
    if (facts.student.wasTired && next && next.day === day + 1) {
      must(heavy.length === 0 || !next.drills.some(({ load }) => load === 2), 'tired, and again');
    }
  });
  for (const phase of new Set(days.map((one) => one.phase))) {
    const length = days.filter((one) => one.phase === phase).length;
    must(phase === null || length >= Math.min(3, facts.days.length), 'the same for three days');
  }
  return broken;
}
