import type { Checkpoint, Hold } from '../holdSchema';

/** A checkpoint that a newer version of a shipped hold judges otherwise than the one a copy was made of. */
export interface NewBand {
  measure: string;
  before: Checkpoint | null;
  now: Checkpoint | null;
  /** Whether the copy still has it as it was shipped: then taking it over loses nothing of the teacher's own. */
  untouched: boolean;
}

const same = (a: Checkpoint | undefined, b: Checkpoint | undefined): boolean =>
  JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/**
 * What a newer version of a shipped hold has to offer to a copy of an earlier one.
 *
 * @param copiedFrom the shipped version that the copy was made of, or last caught up with
 */
export function newBands(own: Hold, copiedFrom: Hold, shipped: Hold): NewBand[] {
  const measures = new Set([
    ...Object.keys(copiedFrom.checkpoints),
    ...Object.keys(shipped.checkpoints),
  ]);
  return [...measures].flatMap((measure) => {
    const [before, now, mine] = [copiedFrom, shipped, own].map((hold) => hold.checkpoints[measure]);
    if (same(before, now) || same(mine, now)) return [];
    return [{ measure, before: before ?? null, now: now ?? null, untouched: same(mine, before) }];
  });
}

/** A copy with these checkpoints as they ship now; it has then caught up with that version. */
export function withNewBands(own: Hold, shipped: Hold, measures: readonly string[]): Hold {
  const checkpoints = { ...own.checkpoints };
  for (const measure of measures) {
    const now = shipped.checkpoints[measure];
    if (now) checkpoints[measure] = now;
    else delete checkpoints[measure];
  }
  return {
    ...own,
    checkpoints,
    own: { ...own.own!, basedOnVersion: shipped.version },
  };
}
