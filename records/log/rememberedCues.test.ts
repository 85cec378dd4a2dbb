import type { LogEntry } from '@open-palm/contract';
import { rememberedCues } from './rememberedCues';

const id = (n: number) => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`;

describe('cues that are remembered', () => {
  const said = (n: number, cue: string, outcome: 'worked' | 'notYet' | 'skip'): LogEntry => ({
    id: id(n),
    studentId: id(91),
    setupId: id(0),
    madeAt: `2026-06-${String(n).padStart(2, '0')}T10:00:00.000Z`,
    kind: 'cue',
    checkId: id(80),
    cause: 'thumbOnItsPad',
    cue,
    outcome,
  });

  it('are counted, the one that worked most often first, with its last time and effect', () => {
    const effect: LogEntry = {
      ...said(9, '', 'skip'),
      kind: 'cueWord',
      of: id(4),
      sound: 'better',
      ease: null,
      word: null,
    } as unknown as LogEntry;
    const log = [
      effect,
      said(5, 'b', 'notYet'),
      said(4, 'a', 'worked'),
      said(3, 'c', 'skip'),
      said(2, 'a', 'notYet'),
      said(1, 'a', 'worked'),
    ];
    expect(rememberedCues(log)).toEqual([
      { cue: 'a', worked: 2, lastWorked: '2026-06-04T10:00:00.000Z', notYet: 1, effect },
      { cue: 'b', worked: 0, lastWorked: null, notYet: 1, effect: null },
    ]);
  });
});
