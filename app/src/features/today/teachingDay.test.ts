import type { LogEntry, SetupTrack, StudentListItem } from '@open-palm/contract';
import { teachingDay } from './teachingDay';

let made = 0;
const newId = () => `00000000-0000-7000-8000-${String((made += 1)).padStart(12, '0')}`;

const ZONE = 'Europe/Berlin';
/** A Thursday. */
const NOW = new Date(2026, 10, 26, 9);

const track = (more: Partial<SetupTrack> = {}): SetupTrack => ({
  setupId: 'violin',
  goodInRow: 4,
  settled: true,
  last: 'good',
  unsureInRow: 0,
  lastOn: '2026-11-12',
  dueOn: '2026-12-10',
  drifts: [],
  ...more,
});

const student = (
  name: string,
  tracks: SetupTrack[] = [track()],
  lesson: StudentListItem['student']['lesson'] = null,
  open: LogEntry[] = [],
): StudentListItem =>
  ({
    student: { name, lesson, setups: [{ id: 'violin' }] },
    tracks,
    open,
  }) as unknown as StudentListItem;

const shared = { studentId: newId(), setupId: newId(), madeAt: '2026-11-19T15:00:00.000Z' };
const lessonAt = (at: string) => ({ day: 'thursday' as const, at, timeZone: ZONE });
const names = (rows: { item: StudentListItem }[]) => rows.map(({ item }) => item.student.name);
const kinds = (item: StudentListItem) => {
  const { lessons, due, others } = teachingDay([item], NOW, ZONE);
  return [...lessons, ...due, ...others][0]!.reasons.map(({ kind }) => kind);
};

describe('a teaching day', () => {
  it('has today’s lessons by the clock, then who is due by urgency, then the others', () => {
    const items = [
      student('late', undefined, lessonAt('18:15')),
      student('due', [track({ dueOn: '2026-11-25' })]),
      student('longer due', [track({ dueOn: '2026-11-20' })]),
      student('settled'),
      student('drifting', [track({ drifts: [{ series: 'fingers', sinceOn: '2026-11-01' }] })]),
      student('early', undefined, lessonAt('9:00'.padStart(5, '0'))),
      student('never', [track({ lastOn: null, dueOn: null, last: null, goodInRow: 0 })]),
    ];
    const { lessons, due, others } = teachingDay(items, NOW, ZONE);
    expect(names(lessons)).toEqual(['early', 'late']);
    expect(names(due)).toEqual(['drifting', 'never', 'longer due', 'due']);
    expect(names(others)).toEqual(['settled']);
  });

  it('says why: drift, a lapse, unsure twice, the interval that is over', () => {
    const over = { dueOn: '2026-11-26' };
    expect(kinds(student('a', [track({ last: 'lapse', ...over })]))).toEqual(['lapse']);
    expect(kinds(student('e', [track({ last: 'outOnce', goodInRow: 0, ...over })]))).toEqual([
      'outOnce',
    ]);
    expect(kinds(student('b', [track({ unsureInRow: 2, last: 'unsure', ...over })]))).toEqual([
      'unsure',
    ]);
    expect(kinds(student('c', [track(over)]))).toEqual(['interval']);
    expect(kinds(student('d'))).toEqual(['notDue']);
  });

  it('names promises until the next lesson, aids past their day, and that it hurts', () => {
    const promise = (due: string): LogEntry => ({
      ...shared,
      id: newId(),
      kind: 'promise',
      words: 'Shorter nails',
      due,
    });
    const aid = (off: string): LogEntry => ({
      ...shared,
      id: newId(),
      kind: 'aid',
      aid: 'finger-loop',
      from: '2026-11-01',
      off,
    });
    const hurt: LogEntry = { ...shared, id: newId(), kind: 'hurt', what: 'pain', word: null };
    const having = (...open: LogEntry[]) => student('x', [track()], lessonAt('16:00'), open);
    expect(kinds(having(promise('2026-12-03'), aid('2026-12-01')))).toEqual([
      'promise',
      'noPlan',
      'notDue',
    ]);
    expect(kinds(having(promise('2026-12-04')))).toEqual(['noPlan', 'notDue']);
    expect(kinds(having(promise('2026-11-26'), aid('2026-11-26'), hurt))).toEqual([
      'hurt',
      'aid',
      'promise',
    ]);
    // Without a lesson, a promise makes due on its day and not before.
    const without = (due: string) => student('y', [track()], null, [promise(due)]);
    expect(names(teachingDay([without('2026-11-27')], NOW, ZONE).others)).toEqual(['y']);
    expect(names(teachingDay([without('2026-11-26')], NOW, ZONE).due)).toEqual(['y']);
  });

  it('looks at the instrument that is due', () => {
    const both = student('z', [track(), track({ setupId: 'viola', dueOn: '2026-11-20' })]);
    expect(teachingDay([both], NOW, ZONE).due[0]).toMatchObject({
      setupId: 'viola',
      reasons: [{ kind: 'interval', dueOn: '2026-11-20' }],
    });
  });

  describe('of practice at home', () => {
    const plan = (lesson: string) =>
      ({
        ...shared,
        id: newId(),
        kind: 'plan',
        replaces: null,
        lesson,
        days: [],
      }) as unknown as LogEntry;
    const log = (of: string, madeAt: string) =>
      ({
        ...shared,
        id: newId(),
        kind: 'practised',
        of,
        via: 'card',
        entries: [],
        madeAt,
      }) as LogEntry;

    it('tells of a log that came after the last look, once', () => {
      const mine = plan('2026-12-03');
      const came = student('card', undefined, null, [
        mine,
        log(mine.id, '2026-11-25T18:00:00.000Z'),
      ]);
      expect(kinds(came)).toEqual(['log']);
      const looked = { ...came, lastCheckAt: '2026-11-26T08:00:00.000Z' };
      expect(kinds(looked)).toEqual(['notDue']);
    });

    it('tells of a plan that ends before the next lesson', () => {
      const moved = { ...lessonAt('16:00'), day: 'friday' as const };
      const next = student('moved', undefined, { ...moved, day: 'monday' }, [plan('2026-11-28')]);
      expect(kinds(next)).toEqual(['planEnds']);
      const fits = student('fits', undefined, moved, [plan('2026-11-27')]);
      expect(kinds(fits)).toEqual(['notDue']);
    });

    it('tells who has no plan: on the day of a lesson, and where one is over', () => {
      expect(kinds(student('lesson', undefined, lessonAt('16:00')))).toEqual(['noPlan', 'notDue']);
      expect(kinds(student('over', undefined, null, [plan('2026-11-26')]))).toEqual([
        'noPlan',
        'notDue',
      ]);
      expect(kinds(student('never had one'))).toEqual(['notDue']);
      const hurt = { ...shared, id: newId(), kind: 'hurt', what: 'pain', word: null } as LogEntry;
      expect(kinds(student('rests', undefined, lessonAt('16:00'), [hurt]))).toEqual(['hurt']);
    });
  });
});
