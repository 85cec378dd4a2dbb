import type { Instrument } from '../holds';
import type { ELBOW_LEVELS } from '../measure';

/** Where the elbow is against the level of the string that is played. */
export type ElbowLevel = (typeof ELBOW_LEVELS)[number];

/** Strings by name from the lowest to the highest; a bass may have a fifth. [practice] */
const STRINGS: Record<Instrument, readonly string[]> = {
  violin: ['G', 'D', 'A', 'E'],
  viola: ['C', 'G', 'D', 'A'],
  cello: ['C', 'G', 'D', 'A'],
  bass: ['E', 'A', 'D', 'G'],
};
const FIFTH_BASS_STRING = 'B';

/**
 * The strings of an instrument from the lowest to the highest; a five-string bass has a low B.
 *
 * @example stringsOf('violin') // ['G', 'D', 'A', 'E']
 */
export const stringsOf = (instrument: Instrument, fiveStrings = false): readonly string[] =>
  instrument === 'bass' && fiveStrings ? [FIFTH_BASS_STRING, ...STRINGS.bass] : STRINGS[instrument];

/**
 * How high the bow's plane lies on each string, lowest string first: 0 is the lowest level. On violin and viola the elbow is
 * highest on the lowest string and a step lower on each next; on cello and bass the other way. [practice]
 */
export function levelsOf(instrument: Instrument, strings: number): number[] {
  const rising = Array.from({ length: strings }, (_, i) => i);
  return instrument === 'violin' || instrument === 'viola' ? rising.reverse() : rising;
}

/**
 * The strings of a drill over all levels and back, by their index: each turn once.
 *
 * @example crossingDrill(4) // [0, 1, 2, 3, 2, 1]
 */
export const crossingDrill = (strings: number): number[] => [
  ...Array.from({ length: strings }, (_, i) => i),
  ...Array.from({ length: strings - 2 }, (_, i) => strings - 2 - i),
];

/** What was seen of the elbow over the strings, as data. */
export type CrossingFinding =
  | { code: 'follows' }
  /** It does not come up to the strings whose level is high. */
  | { code: 'notUp'; strings: string[] }
  /** It stays up on strings whose level is low. */
  | { code: 'staysUp'; strings: string[] }
  /** Off on other strings than its order would explain. */
  | { code: 'dropped' | 'raised'; strings: string[] }
  | { code: 'notSeen'; strings: string[] };

/**
 * What the elbow does over the strings: an elbow that keeps one level is dropped on the high levels, raised on the low ones,
 * or both. Shown without a verdict: no band is given for it.
 *
 * @param seen by string, lowest first; null was not looked at
 */
export function crossingFindings(
  instrument: Instrument,
  seen: readonly { string: string; elbow: ElbowLevel | null }[],
): CrossingFinding[] {
  const levels = levelsOf(instrument, seen.length);
  const half = (seen.length - 1) / 2;
  const named = (test: (level: number, elbow: ElbowLevel | null) => boolean) =>
    seen.flatMap(({ string, elbow }, i) => (test(levels[i]!, elbow) ? [string] : []));
  const groups = [
    ['notUp', named((level, elbow) => elbow === 'dropped' && level > half)],
    ['staysUp', named((level, elbow) => elbow === 'raised' && level < half)],
    ['dropped', named((level, elbow) => elbow === 'dropped' && level <= half)],
    ['raised', named((level, elbow) => elbow === 'raised' && level >= half)],
    ['notSeen', named((_, elbow) => elbow === null)],
  ] as const;
  const findings = groups.flatMap(([code, strings]): CrossingFinding[] =>
    strings.length > 0 ? [{ code, strings }] : [],
  );
  return findings.length > 0 ? findings : [{ code: 'follows' }];
}
