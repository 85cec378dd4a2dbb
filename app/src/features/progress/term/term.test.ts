import type { HandHistory, LogEntry, TermWords, TrackedNumber } from '@open-palm/contract';
import { termFacts, type TermChange, type TermFacts } from '@open-palm/records/term';
import { EVERYTHING, followHistory } from '../followed';
import { givenWords } from './givenWords';
import { changeLine, practisedLine, termDraft } from './termDraft';
import { termHtml } from './termHtml';
import { driftingIn, termLooks } from './termLooks';
import { termPaper } from './termPaper';
import { firstTime, looksIn, timeProblem } from './termTime';

const student = { lesson: null, audits: false };
const id = (n: number) => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const TERM = { from: '2026-09-01', until: '2026-11-30' };
const thumb = (deg: number): TrackedNumber => [
  'thumbIpFlexion',
  null,
  deg,
  4,
  15,
  60,
  deg < 15 ? 'low' : 'in',
];

/** Looks on these days, the thumb bent so. */
const history = (looks: [string, number][], bowSize: (i: number) => '3/4' | '4/4' = () => '4/4') =>
  ({
    setupId: id(0),
    checks: looks.map(([day, deg], i) => ({
      id: id(i + 1),
      takenAt: `${day}T15:00:00.000Z`,
      context: 'supported',
      standings: {
        thumb: deg < 15 ? 'out' : 'in',
        fingers: 'notSeen',
        little: 'notSeen',
        wrist: 'notSeen',
      },
      numbers: [thumb(deg)],
      grip: { holdId: 'violin-shallow', holdVersion: 2, settings: {}, bowSize: bowSize(i) },
      contacts: {
        thumbXMm: null,
        fingers: { index: null, middle: null, ring: null, little: null },
      },
    })),
  }) as HandHistory;

const followed = (looks: [string, number][], bowSize?: (i: number) => '3/4' | '4/4') =>
  followHistory(history(looks, bowSize), [], student, EVERYTHING);

const FACTS: TermFacts = {
  looks: 12,
  changes: [],
  families: { thumb: 'betterIn', fingers: 'steadyIn', little: 'steadyOut', wrist: 'notSeen' },
  worked: ['bend-before-touching', 'own'],
  practised: { days: 12, minutes: 61 },
};
const GONE: TermChange = {
  family: 'thumb',
  measure: 'thumbIpFlexion',
  place: null,
  sign: 'thumbStraight',
  kind: 'gone',
  from: -5,
  to: 35,
};
const named = {
  called: 'Tam',
  bow: 'violin',
  cueText: (cue: string) => `Say ${cue}`,
  restart: null,
} as const;

describe('the words of a page', () => {
  it('tell what was to be seen, with figures for an audition alone', () => {
    expect(changeLine(GONE, 'parents', 'violin')).toBe('No longer: the thumb is straight.');
    expect(changeLine(GONE, 'student', 'violin')).not.toMatch(/\d/);
    expect(changeLine(GONE, 'audition', 'violin')).toBe(
      'No longer: the thumb is straight (from −5° to 35°).',
    );
    const atHeel = changeLine({ ...GONE, kind: 'more', place: 'heel' }, 'parents', 'violin');
    expect(atHeel).toBe(
      'More than at first, to be looked after: the thumb is straight, at the heel.',
    );
  });

  it('say so where nothing surely changed, and never that it did', () => {
    const draft = termDraft(FACTS, 'parents', named);
    expect(draft.changed).toEqual(['Nothing yet that we can be sure of.']);
    expect(draft.opening).toBe('Tam’s bow hand was looked at 12 times in this time.');
    expect(termDraft({ ...FACTS, looks: 1 }, 'parents', named).changed).toEqual([]);
  });

  it('leave minutes out until they are chosen, and help where nobody is to help', () => {
    const draft = termDraft({ ...FACTS, changes: [GONE, GONE] }, 'parents', named);
    expect(draft).toMatchObject({
      practised: null,
      changed: ['No longer: the thumb is straight.'],
      worked: ['Say bend-before-touching', 'Say own'],
    });
    expect(draft.help).toMatch(/do not correct/);
    expect(practisedLine(FACTS)).toBe('On 12 days, 61 minutes in all, as it was noted.');
    expect(practisedLine({ practised: null })).toBeNull();
    expect(termDraft(FACTS, 'audition', named).help).toBe('');
  });

  it('are given without empty lines; what cannot be given is named as the screen names it', () => {
    const draft: TermWords = { ...termDraft(FACTS, 'parents', named), worked: ['', ' a '] };
    expect(givenWords(draft)).toMatchObject({ words: { worked: ['a'], practised: null } });
    expect(givenWords({ ...draft, title: ' ' })).toMatchObject({
      problem: expect.stringContaining('Heading') as string,
    });
    const long = 'x'.repeat(301);
    expect(givenWords({ ...draft, changed: ['a', long] })).toMatchObject({
      problem: expect.stringContaining('What really changed') as string,
    });
  });
});

describe('the time of a page', () => {
  const weeks = followed([
    ['2026-03-02', 0],
    ['2026-10-05', 10],
    ['2026-11-23', 30],
  ]);

  it('is a term at most, and begins where the page before ended', () => {
    expect(firstTime(weeks.counted, [], '2026-11-30')).toEqual({
      from: '2026-07-27',
      until: '2026-11-30',
    });
    expect(firstTime(weeks.counted.slice(1), [], '2026-11-30').from).toBe('2026-10-05');
    const given = [{ until: '2026-11-20' }, { until: '2026-09-15' }];
    // The one of last week is of this term.
    expect(firstTime(weeks.counted, given, '2026-11-30').from).toBe('2026-09-15');
    expect(firstTime([], [], '2026-11-30')).toEqual({ from: '2026-07-27', until: '2026-11-30' });
  });

  it('holds the looks of its days, both ends included', () => {
    const days = (from: string, until: string) =>
      looksIn(weeks.checks, { from, until }).map(({ kept }) => kept.takenAt.slice(0, 10));
    expect(days('2026-10-05', '2026-11-23')).toEqual(['2026-10-05', '2026-11-23']);
    expect(days('2026-10-06', '2026-11-22')).toEqual([]);
  });

  it.each([
    ['2026-09-31x', '2026-11-30'],
    ['2026-02-31', '2026-11-30'],
    ['2026-11-30', '2026-09-01'],
    ['2026-11-30', '2026-11-30'],
    ['2026-09-01', '2026-12-01'],
  ])('cannot be %s to %s, and says why', (from, until) => {
    expect(timeProblem({ from, until }, '2026-11-30')).toMatch(/day/);
    expect(timeProblem(TERM, '2026-11-30')).toBeNull();
  });

  it('compares nothing across a planned change, and says since when it is told', () => {
    const grown = followed(
      [
        ['2026-09-02', 0],
        ['2026-10-05', 30],
        ['2026-11-23', 32],
      ],
      (i) => (i === 0 ? '3/4' : '4/4'),
    );
    const { looks, restart } = termLooks(grown, TERM);
    expect(looks).toHaveLength(2);
    expect(restart).toBe('Another size of bow since 5 October: told from then on.');
    expect(termLooks(grown, { from: '2026-08-01', until: '2026-10-04' })).toMatchObject({
      restart: null,
      looks: [{}],
    });
  });

  it('is told of a slide only where it ends about now', () => {
    const standing = { drifts: [{ series: 'indexDepth', sinceDay: 1 }] } as never;
    expect(driftingIn({ standing }, TERM, '2026-11-30')).toEqual(['fingers']);
    expect(driftingIn({ standing }, { ...TERM, until: '2026-10-01' }, '2026-11-30')).toEqual([]);
  });
});

describe('the page itself', () => {
  const { checks } = followed([
    ['2026-09-01', 0],
    ['2026-10-16', 10],
    ['2026-11-30', 35],
  ]);
  const page = (words: Partial<TermWords> = {}) =>
    termPaper(checks, {
      studentId: id(50),
      setupId: id(0),
      paper: 'A4',
      view: 'thumbSide',
      time: TERM,
      words: { ...termDraft(FACTS, 'parents', named), ...words },
    });

  it('charts the looks by their days, and draws the two ends', () => {
    const { charts, hands, heads } = page();
    expect(charts.thumb!.map(({ at, state }) => [Number(at.toFixed(1)), state])).toEqual([
      [0, 'out'],
      [0.5, 'out'],
      [1, 'in'],
    ]);
    expect(charts.wrist).toBeUndefined();
    expect(hands).toMatchObject({
      then: { measures: { thumbIpFlexion: 0 } },
      now: { measures: { thumbIpFlexion: 35 } },
    });
    expect(heads).toMatchObject({ dates: '1 September 2026 to 30 November 2026' });
  });

  it('shows every word, none of it as markup, and no heading without lines', () => {
    const html = termHtml(page({ title: '<b>&"', worked: [] }), null);
    expect(html).toContain('<h2>&lt;b&gt;&amp;&quot;</h2>');
    expect(html).toContain('Nothing yet that we can be sure of.');
    expect(html).not.toContain('What helped');
    expect(html).not.toContain('Practised at home');
    expect(html.match(/class="band"/g)).toHaveLength(1);
    expect(termHtml(page({ practised: 'On 12 days.' }), null)).toContain('Practised at home');
  });

  it('tells from the looks themselves what is gone', () => {
    const log: LogEntry[] = [];
    const { changes, families } = termFacts(checks, [], log, TERM, 'UTC');
    expect(changes).toMatchObject([{ kind: 'gone', sign: 'thumbStraight' }]);
    expect(families.thumb).toBe('better');
  });
});
