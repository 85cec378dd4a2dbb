import type { LogEntry, LogEntryOf } from '@open-palm/contract';

/** What a student's lessons have told of one cue. */
export interface RememberedCue {
  cue: string;
  worked: number;
  lastWorked: string | null;
  notYet: number;
  /** The newest word on what it did to sound and ease. */
  effect: LogEntryOf<'cueWord'> | null;
}

/** Every cue that was tried, those that worked most often first. */
export function rememberedCues(newestFirst: readonly LogEntry[]): RememberedCue[] {
  const byCue = new Map<string, RememberedCue>();
  for (const entry of newestFirst) {
    if (entry.kind !== 'cue' || entry.outcome === 'skip') continue;
    const known = byCue.get(entry.cue) ?? {
      cue: entry.cue,
      worked: 0,
      lastWorked: null,
      notYet: 0,
      effect: null,
    };
    if (entry.outcome === 'worked') {
      known.worked += 1;
      known.lastWorked ??= entry.madeAt;
    } else {
      known.notYet += 1;
    }
    known.effect ??=
      newestFirst.find(
        (one): one is LogEntryOf<'cueWord'> => one.kind === 'cueWord' && one.of === entry.id,
      ) ?? null;
    byCue.set(entry.cue, known);
  }
  return [...byCue.values()].sort((a, b) => b.worked - a.worked || a.notYet - b.notYet);
}
