import { chosenSettings } from './chosen';

/** What a person measures with a ruler or a scale; it is kept in millimetres and grams, whatever it is read in. */
export type SizeKind = 'length' | 'weight';

/** An inch is 25.4 mm and an avoirdupois ounce 28.349523125 g, exactly (international yard and pound agreement, 1959). */
const UNITS = {
  metric: { length: { word: 'mm', per: 1, digits: 1 }, weight: { word: 'g', per: 1, digits: 1 } },
  inches: {
    length: { word: 'in', per: 25.4, digits: 2 },
    weight: { word: 'oz', per: 28.349523125, digits: 2 },
  },
} as const;

const unitOf = (kind: SizeKind) => UNITS[chosenSettings()?.units ?? 'metric'][kind];

/** What the studio reads such a size in: mm or in, g or oz. */
export const sizeUnit = (kind: SizeKind): string => unitOf(kind).word;

/** A kept size as a number to read: 62 mm are 2.44 in. */
export function shownSize(kind: SizeKind, kept: number): number {
  const { per, digits } = unitOf(kind);
  return Number((kept / per).toFixed(digits));
}

/** What was read and typed, as it is kept. */
export function keptSize(kind: SizeKind, typed: number): number {
  const { per } = unitOf(kind);
  return per === 1 ? typed : Number((typed * per).toFixed(2));
}

/** A size with its unit, rounded as far as it is told: whole millimetres and grams, tenths of the others. */
export function sizeWords(kind: SizeKind, kept: number): string {
  const { word, per } = unitOf(kind);
  const value = per === 1 ? Math.round(kept) : Number((kept / per).toFixed(1));
  return `${value} ${word}`;
}

/** The doubt of a size in the digits that it is told with, never none: ± 3 mm, ± 0.1 in. */
export function doubtWords(kind: SizeKind, sd: number): string {
  const { per } = unitOf(kind);
  return per === 1
    ? String(Math.max(1, Math.round(sd)))
    : String(Math.max(0.1, Number((sd / per).toFixed(1))));
}
