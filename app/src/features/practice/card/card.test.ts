import ICAL from 'ical.js';
import type { LogEntry } from '@open-palm/contract';
import { cardPage } from '@open-palm/card/page';
import type { KeptPlan } from '@open-palm/records/practice';
import { DRILLS } from '@open-palm/core/practice';
import { strings } from '../../../foundation/strings';
import { calendarFile } from './calendarFile';
import { aidWords, cardText } from './cardData';
import { cardName } from './makeCard';
import { paperCard } from './paperCard';

const dose = (drill: string, load: 0 | 1 | 2 = 0, stage = 1) => ({
  drill,
  stage,
  turns: 2,
  minutesATurn: 1,
  load,
});
const shared = { studentId: 's', setupId: 'v', madeAt: '2026-11-02T10:00:00.000Z' };
const plan: KeptPlan = {
  ...shared,
  id: '01935a2c-7b7a-7c31-9f0a-0123456789ab',
  kind: 'plan',
  replaces: null,
  called: 'Tam <b>',
  lesson: '2026-11-06',
  minutesADay: 6,
  withoutInstrument: [],
  has: [],
  causes: {},
  stages: {},
  days: [
    { on: '2026-11-03', phase: 1, drills: [dose('thumb-release'), dose('circles', 2, 3)] },
    { on: '2026-11-04', phase: null, drills: [] },
    { on: '2026-11-05', phase: 1, drills: [dose('thumb-release')] },
  ],
};
const aid: LogEntry = {
  ...shared,
  id: 'a',
  kind: 'aid',
  aid: 'finger-loop',
  from: '2026-10-01',
  off: '2026-11-05',
};

describe('a practice card', () => {
  const text = cardText(plan, [aid]);

  it('tells each day, its drills in their order, and rest', () => {
    expect(text.days.map(({ called, isRest }) => [called, isRest])).toEqual([
      ['Tuesday 3 November', false],
      ['Wednesday 4 November', true],
      ['Thursday 5 November', false],
    ]);
    expect(text.days[0]!.drills.map(({ drill }) => drill)).toEqual(['thumb-release', 'circles']);
  });

  it('lets what loads the little finger fully go on for twenty seconds at a time, over something soft', () => {
    expect(text.drills['circles/3']).toMatchObject({ goSeconds: 20, stage: 'stage 3 of 3' });
    expect(text.drills['circles/3']!.soft).toMatch(/bed or a cushion/);
    expect(text.drills['thumb-release/1']).toMatchObject({ goSeconds: null, soft: null, count: 8 });
  });

  it('counts an aid down, and says on which day the hand is without it', () => {
    expect(aidWords([aid], '2026-10-20')).toEqual([]);
    expect(text.days.map(({ aids }) => aids)).toEqual([
      [expect.stringContaining('until 5 November, 2 more days')],
      [expect.stringContaining('one more day')],
      [expect.stringMatching(/^Today without: /)],
    ]);
  });

  it('has words for every drill: a name, three steps at most and how it is done wrong', () => {
    for (const { id, stages } of DRILLS) {
      const of = {
        ...plan,
        days: [{ on: '2026-11-03', phase: 1, drills: [dose(id, 0, stages.length)] }],
      };
      const [drill] = Object.values(cardText(of, []).drills);
      expect(drill!.name).not.toBe(id);
      expect(drill!.steps.length).toBeGreaterThan(0);
      expect(drill!.steps.length).toBeLessThanOrEqual(4);
      expect(drill!.wrong).not.toBe('');
    }
  });

  it('is one page that asks for nothing, and shows everything without a script', () => {
    const figures = { 'thumb-release': { viewBox: '0 0 10 10', body: '<path d="M0 0h1"/>' } };
    const page = cardPage(
      { ...text, figures, wanted: [] },
      { script: 'go()', scriptHash: 'sha256-x', style: 'p{}', styleHash: 'sha256-y' },
    );
    expect(page).toContain("default-src 'none'; script-src 'sha256-x'; style-src 'sha256-y'");
    expect(page).toContain('Practice for Tam &lt;b&gt;');
    expect(page).not.toMatch(/<(img|link|iframe)|@import|url\(/);
    const paper = page.slice(page.indexOf('<main id="paper">'), page.indexOf('</main>'));
    for (const { name } of Object.values(text.drills)) expect(paper).toContain(name);
    expect(paper.match(/<i><\/i>/g)).toHaveLength(6);
    expect(paper).toContain(strings.card.caution);
    const data = /<script type="application\/json" id="card-data">(.*)<\/script>/.exec(page)![1]!;
    expect(data).not.toContain('<');
    expect(JSON.parse(data)).toMatchObject({ plan: plan.id, called: 'Tam <b>' });
  });

  it('is a file that is called by nothing but the name on it', () => {
    expect(cardName({ called: 'Tam O’Dell', lesson: '2026-11-06' })).toBe(
      'practice-tam-o-dell-2026-11-06.html',
    );
  });

  it('is printed with a box for each turn of each day', () => {
    const { drills, days } = paperCard(plan, [], 'A4');
    expect(days).toEqual(['Tu 3', 'We 4', 'Th 5']);
    expect(drills.map(({ boxes }) => boxes)).toEqual([
      [2, 0, 2],
      [2, 0, 0],
    ]);
  });
});

describe('reminders in a calendar', () => {
  const read = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as never)
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one));

  it('are one for each day of practice, by the clock on the wall', () => {
    const events = read(calendarFile(plan, { hour: 17, minute: 5 }, 1));
    expect(events.map(({ startDate }) => startDate.toString())).toEqual([
      '2026-11-03T17:05:00',
      '2026-11-05T17:05:00',
    ]);
    // Without a zone: five in the afternoon wherever the student is.
    expect(events[0]!.startDate.zone.tzid).toBe('floating');
    expect(events[0]!.duration.toSeconds()).toBe(240);
    expect(events[0]!.description).toContain(strings.drills.circles);
  });

  it('take the place of those before by their UIDs', () => {
    const [before, after] = [1, 2].map((n) => read(calendarFile(plan, { hour: 17, minute: 0 }, n)));
    expect(after!.map(({ uid }) => uid)).toEqual(before!.map(({ uid }) => uid));
    expect(new Set(before!.map(({ uid }) => uid)).size).toBe(2);
    expect(before![0]!.sequence).toBe(1);
    expect(after![0]!.sequence).toBe(2);
  });
});
