import type { HistoryCheck, LogEntry, PractisedTurn } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { DRILLS } from '@open-palm/core/practice';
import { drillHistories, openStage } from './drillHistories';
import { improvedOver } from './improvedOver';
import { planFactsOf, type PlanWishes } from './planFactsOf';
import { newTurns, planDone, practisedTurns, type KeptPlan } from './practised';
import { takeLog } from './takeLog';

const PLAN_ID = '01935a2c-7b7a-7c31-9f0a-0123456789ab';
const OTHER_ID = '01935a2c-7b7a-7c31-9f0a-0123456789ac';
const shared = { studentId: 's', setupId: 'v' };
const turn = (day: string, more: Partial<PractisedTurn> = {}): PractisedTurn => ({
  day,
  drill: 'thumb-release',
  stage: 1,
  turn: 1,
  seconds: 60,
  result: 'done',
  ...more,
});
const dose = (drill: string, load: 0 | 1 | 2 = 0) => ({
  drill,
  stage: 1,
  turns: 2,
  minutesATurn: 1,
  load,
});
const plan = (more: Partial<KeptPlan> = {}): KeptPlan => ({
  ...shared,
  id: 'plan',
  kind: 'plan',
  madeAt: '2026-11-02T10:00:00.000Z',
  replaces: null,
  called: 'Tam',
  lesson: '2026-11-06',
  minutesADay: 6,
  withoutInstrument: [],
  has: [],
  causes: { thumbOnItsPad: 0.7 },
  stages: {},
  days: ['2026-11-03', '2026-11-04', '2026-11-05'].map((on) => ({
    on,
    phase: 1,
    drills: [dose('thumb-release')],
  })),
  ...more,
});
const log = (id: string, madeAt: string, entries: PractisedTurn[], of = 'plan'): LogEntry => ({
  ...shared,
  id,
  kind: 'practised',
  of,
  via: 'card',
  madeAt,
  entries,
});

describe('what was practised', () => {
  const first = log('a', '2026-11-04T10:00:00.000Z', [turn('2026-11-03')]);
  const second = log('b', '2026-11-06T10:00:00.000Z', [
    turn('2026-11-03', { result: 'hard' }),
    turn('2026-11-04'),
    turn('2026-11-04', { turn: 2 }),
  ]);

  it('counts each turn once, as the newest log tells it, in whichever order logs came', () => {
    const turns = practisedTurns([second, first], 'plan');
    expect(turns.map(({ day, turn: n, result }) => [day, n, result])).toEqual([
      ['2026-11-03', 1, 'hard'],
      ['2026-11-04', 1, 'done'],
      ['2026-11-04', 2, 'done'],
    ]);
    expect(practisedTurns([second, first], 'other')).toEqual([]);
    expect(newTurns(turns, turns)).toEqual([]);
    expect(newTurns([turn('2026-11-03')], turns)).toHaveLength(1);
  });

  it('leaves out what was done together in a lesson, also on a day of the plan', () => {
    const lesson = { ...second, via: 'together' } as LogEntry;
    expect(practisedTurns([lesson, first], 'plan')).toEqual([turn('2026-11-03')]);
  });

  it('stands against the plan up to today', () => {
    const turns = practisedTurns([second, first], 'plan');
    expect(planDone(plan(), turns, '2026-11-04')).toEqual({
      daysDone: 2,
      daysPlanned: 2,
      drills: [{ drill: 'thumb-release', planned: 4, done: 2, hard: 1 }],
      minutes: 3,
    });
    expect(planDone(plan(), [turn('2026-11-03', { result: 'hurt' })], '2026-11-09')).toMatchObject({
      daysDone: 0,
      daysPlanned: 3,
      minutes: 0,
    });
  });
});

describe('the stage of a drill', () => {
  const circles = DRILLS.find(({ id }) => id === 'circles')!;
  const days = ['2026-11-03', '2026-11-04', '2026-11-05', '2026-11-06', '2026-11-07', '2026-11-08'];
  const easy = (on: readonly string[], stage: number) =>
    on.map((day) => turn(day, { drill: 'circles', stage, felt: 'easy' }));

  it('opens after three easy days in a row', () => {
    expect(circles.stages.map(({ load }) => load)).toEqual([0, 1, 2]);
    expect(openStage(circles, 1, easy(days.slice(0, 2), 1))).toBe(1);
    expect(openStage(circles, 1, easy(days.slice(0, 3), 1))).toBe(2);
    const notAll = easy(days.slice(0, 3), 1).map((one, i) =>
      i === 1 ? { ...one, felt: 'fine' as const } : one,
    );
    expect(openStage(circles, 1, notAll)).toBe(1);
  });

  it('never opens by itself where the little finger would carry all of the bow', () => {
    expect(openStage(circles, 2, easy(days, 2))).toBe(2);
  });
});

describe('what is learned of a drill', () => {
  const month = [0, 1, 2, 3, 4].map((i) =>
    plan({
      id: `plan${i}`,
      lesson: `2026-0${i + 1}-08`,
      days: [3, 4, 5].map((day) => ({
        on: `2026-0${i + 1}-0${day}`,
        phase: 1,
        drills: [dose('thumb-release')],
      })),
    }),
  );
  const logs = month.map(({ id, days }) =>
    log(
      `${id}log`,
      '2026-06-01T10:00:00.000Z',
      days.slice(0, 2).map(({ on }) => turn(on)),
      id,
    ),
  );
  const known = (improved: boolean | null, entries = logs) =>
    drillHistories([...entries, ...month].reverse(), '2026-12-01', () => improved)[
      'thumb-release'
    ]!;

  it('is that it seems to help, after periods in which it was done and the thumb changed', () => {
    expect(known(true)).toMatchObject({ stage: 1, daysDone: 10, learned: { periods: 5 } });
    // (10 · 0.4 + 5) / 15 = 0.6: 0.2 above the table
    expect(known(true).learned).toMatchObject({ mean: 0.6, says: 'seemsToHelp' });
    expect(known(false).effectScale).toBeCloseTo(4 / 15 / 0.4, 10);
  });

  it('is nothing where it was not done, or nobody looked', () => {
    expect(known(true, []).learned).toMatchObject({ periods: 0, says: null });
    expect(known(null).learned).toMatchObject({ periods: 0, says: null });
  });

  it('looks before the plan and from its lesson on, and at no other hold', () => {
    const look = (day: string, bend: number, holdId = 'violin-shallow') =>
      ({
        takenAt: `${day}T10:00:00Z`,
        context: 'playing-start',
        standings: {},
        numbers: [['thumbIpFlexion', null, bend, 4, 20, 60, 'in']],
        grip: { holdId, bowSize: '4/4' },
      }) as unknown as HistoryCheck;
    const over = (...checks: HistoryCheck[]) => improvedOver(checks, 'UTC')(plan(), 'thumb');
    expect(over(look('2026-11-02', 0), look('2026-11-06', 30))).toBe(true);
    expect(over(look('2026-11-02', 15), look('2026-11-06', 21))).toBe(false);
    expect(over(look('2026-11-02', 30), look('2026-11-06', 0))).toBe(false);
    expect(over(look('2026-11-02', 30), look('2026-11-06', 40))).toBeNull();
    expect(over(look('2026-11-02', 0), look('2026-11-04', 30))).toBeNull();
    expect(over(look('2026-11-02', 0), look('2026-11-20', 30))).toBeNull();
    expect(over(look('2026-11-02', 0), look('2026-11-06', 30, 'violin-deep'))).toBeNull();
  });
});

describe('what a plan rests on', () => {
  const wishes: PlanWishes = {
    from: '2026-11-03',
    lesson: '2026-11-06',
    minutesADay: 8,
    withoutInstrument: ['2026-11-04'],
    has: ['ball'],
    locked: [],
    dropped: [],
    moved: {},
    stages: { circles: 3 },
  };
  const facts = (entries: LogEntry[]) =>
    planFactsOf({
      student: { birthYear: 2016, level: 'beginner', bands: 'off' },
      hold: holdById('violin-shallow'),
      log: entries,
      causes: { thumbOnItsPad: 0.7 },
      known: {},
      wishes,
      year: 2026,
    });

  it('is the days up to the lesson, the student, and what the teacher opened', () => {
    const { days, student, history, minutesADay } = facts([]);
    expect(days.map(({ withInstrument }) => withInstrument)).toEqual([true, false, true]);
    expect(student).toEqual({
      age: 10,
      level: 'beginner',
      isHypermobile: true,
      hurts: false,
      wasTired: false,
      carrySeconds: null,
    });
    expect(history).toEqual({ circles: { stage: 3, daysDone: 0, effectScale: 1 } });
    expect(minutesADay).toBe(8);
  });

  it('is that it hurts until that is cleared, how long the bow was carried, and what tired', () => {
    const hurt = { ...shared, id: 'h', madeAt: '2026-11-02', kind: 'hurt' } as LogEntry;
    const cleared = { ...shared, id: 'c', madeAt: '2026-11-03', kind: 'cleared', hurt: 'h' };
    expect(facts([hurt]).student.hurts).toBe(true);
    expect(facts([cleared as LogEntry, hurt]).student.hurts).toBe(false);
    const carried = {
      ...shared,
      id: 't',
      kind: 'test',
      test: 'free-carry',
      result: { seconds: 12 },
    };
    expect(facts([carried as unknown as LogEntry]).student.carrySeconds).toBe(12);
    const loading = plan({
      days: [{ on: '2026-11-01', phase: 1, drills: [dose('tip-raise', 2)] }],
    });
    const tired = (felt: 'tired' | 'fine') =>
      log('l', '2026-11-02', [turn('2026-11-01', { drill: 'tip-raise', felt })]);
    expect(facts([tired('tired'), loading]).student.wasTired).toBe(true);
    expect(facts([tired('fine'), loading]).student.wasTired).toBe(false);
  });
});

describe('a log that a card gives', () => {
  const TODAY = '2026-11-06';
  const given = (entries: unknown[], more: object = {}) => ({
    v: 1,
    plan: PLAN_ID,
    card: 'a1b2c3',
    entries,
    ...more,
  });
  const mine = plan({ id: PLAN_ID });
  const why = (value: unknown, entries: readonly LogEntry[] = [mine], today = TODAY) => {
    const taken = takeLog(value, entries, today);
    return taken.kind === 'refused' ? taken.why : taken.kind;
  };

  it('brings what is new, and nothing when it comes again', () => {
    const value = given([turn('2026-11-03'), turn('2026-11-03', { drill: 'first-and-last' })]);
    const taken = takeLog(value, [mine], TODAY);
    expect(taken).toMatchObject({ kind: 'taken', hurtOn: [], isNewest: true });
    const turns = taken.kind === 'taken' ? taken.turns : [];
    expect(turns).toHaveLength(2);
    const kept = log('l', '2026-11-06T10:00:00.000Z', turns, PLAN_ID);
    expect(why(value, [kept, mine])).toBe('known');
    const more = given([turn('2026-11-03'), turn('2026-11-04')]);
    expect(takeLog(more, [kept, mine], TODAY)).toMatchObject({ turns: [{ day: '2026-11-04' }] });
  });

  it('tells on which days something hurt', () => {
    const value = given([turn('2026-11-03', { result: 'hurt' })]);
    expect(takeLog(value, [mine], TODAY)).toMatchObject({ hurtOn: ['2026-11-03'] });
  });

  it('is of an older plan where a newer one is kept', () => {
    const newer = plan({ id: OTHER_ID, replaces: PLAN_ID });
    const taken = takeLog(given([turn('2026-11-03')]), [newer, mine], TODAY);
    expect(taken).toMatchObject({ kind: 'taken', isNewest: false });
  });

  it('is refused whole with its reason', () => {
    expect(why(given([turn('2026-11-03')], { plan: OTHER_ID }))).toBe('unknownPlan');
    expect(why(given([turn('2026-11-05')]), [mine], '2026-11-04')).toBe('future');
    expect(why(given([turn('2026-10-30')]))).toBe('before');
    expect(why(given([turn('2026-11-03', { drill: 'circles' })]))).toBe('drill');
    expect(why(given([turn('2026-11-03', { turn: 0 })]))).toBe('damaged');
    expect(why(given([{ ...turn('2026-11-03'), name: 'Tam' }]))).toBe('damaged');
    expect(why(given([], { v: 2 }))).toBe('newer');
    for (const odd of [null, 7, 'text', [], {}]) expect(why(odd)).toBe('damaged');
  });
});
