/** What came of a cue with this student. */
export interface CueOutcome {
  cue: string;
  worked: boolean;
}

/**
 * A cause's cues in the order in which they are tried with this student: by how often they worked, as the mean of a
 * Beta(1, 1) distribution; ties in the ladder's own order. The teacher's own cues stand at the end until they have worked
 * once, and then come first.
 *
 * @param own ids of the teacher's own cues for this cause
 */
export function cueLadder(
  { cues }: { cues: readonly string[] },
  outcomes: readonly CueOutcome[],
  own: readonly string[] = [],
): string[] {
  const counts = (cue: string) => {
    const tried = outcomes.filter((outcome) => outcome.cue === cue);
    return { worked: tried.filter(({ worked }) => worked).length, tried: tried.length };
  };
  const mean = (cue: string) => (counts(cue).worked + 1) / (counts(cue).tried + 2);
  const isProven = (cue: string) => own.includes(cue) && counts(cue).worked > 0;
  return [...cues, ...own]
    .map((cue, place) => ({ cue, place }))
    .sort(
      (a, b) =>
        Number(isProven(b.cue)) - Number(isProven(a.cue)) ||
        mean(b.cue) - mean(a.cue) ||
        a.place - b.place,
    )
    .map(({ cue }) => cue);
}
