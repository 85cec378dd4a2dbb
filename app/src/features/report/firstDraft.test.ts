import type { Check, LogEntry, Student } from '@open-palm/contract';
import { reportText } from '@open-palm/contract/report';
import { holdById } from '@open-palm/core/holds';
import { advise, type Finding } from '@open-palm/core/judge';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { firstDraft, POINTS } from './firstDraft';

const check = {
  id: 'c',
  takenAt: '2026-03-01T10:00:00Z',
  captures: [{ view: 'thumb-side' }],
} as Check;
const student = { name: 'Wilma Harrow' } as Student;
const log = (entries: LogEntry[] = []): LessonLog => ({ entries, ownCues: [], add: jest.fn() });
const found = (present: string[], absent: string[] = []): Finding[] => [
  ...present.map((sign) => ({ sign, present: true, group: sign })),
  ...absent.map((sign) => ({ sign, present: false, group: sign })),
];
const draft = (findings: Finding[], entries: LogEntry[] = []) =>
  firstDraft(
    check,
    student,
    advise(findings, {
      hold: holdById('violin-shallow'),
      hurts: entries.some(({ kind }) => kind === 'hurt'),
      asks: false,
      most: POINTS,
    }),
    log(entries),
    'violin',
  );

describe('a letter to begin with', () => {
  it('praises what holds, and makes up to four points in order, each with its cue', () => {
    const { opening, points } = draft(
      found(
        ['thumbStraight', 'indexDeep', 'wristLow', 'elbowRaised', 'knucklesFlat'],
        ['littleOff'],
      ),
    );
    expect(opening).toBe(
      'Dear Wilma, thank you for showing me your bow hold. What holds well already: the little finger’s place.',
    );
    expect(points).toHaveLength(4);
    expect(points[0]).toMatch(/thumb/i);
  });

  it('adds what to practise where there are few points, and only rest where it hurts', () => {
    const off = found(['littleOff']);
    expect(draft(off).points.at(-1)).toMatch(
      /: feel the weight over four fingers; .*walk up the stick \(the last 2 over something soft\)\./,
    );
    const hurt = { id: 'h', kind: 'hurt', what: 'pain' } as LogEntry;
    expect(draft(off, [hurt]).points).toEqual([
      'Rest until it no longer hurts, and tell me how it is.',
    ]);
  });

  it('says the cue that worked with this student', () => {
    const worked = {
      id: 'w',
      kind: 'cue',
      checkId: 'before',
      cause: 'indexTooDeep',
      cue: 'index-slide',
      outcome: 'worked',
    } as LogEntry;
    expect(draft(found(['indexDeep']), [worked]).points[0]).toBe(
      'The index is deep. Slide the index to and fro: where does the tip of the bow sink by itself? Stop there.',
    );
  });

  it('has a point to praise with where nothing is to fix', () => {
    expect(draft(found([], ['thumbStraight'])).points).toHaveLength(1);
  });

  it('reads as text in order, without empty parts', () => {
    const letter = { ...draft(found(['indexDeep'])), opening: '', points: ['One.', 'Two.'] };
    expect(reportText(letter)).toBe(
      ['1. One.\n\n2. Two.', letter.closing, letter.caution].join('\n\n'),
    );
  });
});
