import { MEASURE_IDS, type MeasureId } from '@open-palm/core/measure';
import { valueAt, type FieldPath } from '@open-palm/records/merge';
import type { Entry } from '../../foundation/api/sync/entry';
import { strings } from '../../foundation/strings';
import { measureName } from '../../foundation/strings/measureWords';
import { waitingWords as words } from '../../foundation/strings/waiting';

/** What an entry is, and of whom. */
export const titleOf = ({ kind, studentName }: Entry): string =>
  words.about(words.kinds[kind], studentName);

/** What a field is called: by its innermost name that has one. */
export function fieldWords(path: FieldPath): string {
  const measure = path.find((key) => MEASURE_IDS.some((id) => id === key));
  if (measure !== undefined) {
    return `${words.fields.checkpoints}: ${measureName(measure as MeasureId)}`;
  }
  const known = [...path].reverse().find((key) => words.fields[key] !== undefined);
  return known === undefined ? words.anotherField : words.fields[known]!;
}

/** A value as a person reads it: whole texts, lists line by line, nothing for what is not there. */
export function valueWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return words.nothingThere;
  if (typeof value === 'string') return shownAs(value);
  if (typeof value === 'number') return String(Math.round(value * 1000) / 1000);
  if (typeof value === 'boolean') return value ? words.yes : words.no;
  if (Array.isArray(value)) return value.map(valueWords).join('\n');
  const order = Object.keys(words.fields);
  const place = (key: string) => (order.includes(key) ? order.indexOf(key) : order.length);
  return Object.entries(value as object)
    .filter(([key]) => key !== 'id' && key !== 'standing')
    .sort(([a], [b]) => place(a) - place(b))
    .map(([key, inner]) => {
      const name = words.fields[key];
      return name === undefined ? `${key} ${valueWords(inner)}` : `${name}: ${valueWords(inner)}`;
    })
    .join(', ');
}

/** Words of our own lists, where they have some. */
function shownAs(value: string): string {
  const lists: readonly Readonly<Record<string, string>>[] = [
    strings.sides,
    strings.levels,
    strings.instruments,
    strings.bowSizes,
    strings.holds,
    strings.skinTones,
    strings.lessonFields.days,
    strings.lessonFields.photosOptions,
    strings.lessonFields.bandsOptions,
  ];
  return lists.find((list) => Object.hasOwn(list, value))?.[value] ?? value;
}

/** What the studio said, its places in words: `captures[0] hand[8] (index tip)` is a picture and a point to a teacher. */
export const saidWords = (message: string): string =>
  message
    .replace(/captures\[(\d+)\](?:\.points)?/g, (_, n: string) => words.picture(Number(n) + 1))
    .replace(/ hand\[\d+\] \(([^)]+)\)/g, ': $1')
    .replace(/taps\[(\d+)\]/g, (_, n: string) => words.answer(Number(n) + 1));

/** What an entry says, line by line, for whoever wants to read it before deciding. */
export function contentLines(entry: Entry): string[] {
  const body = entry.body as Record<string, unknown>;
  const hidden = new Set([
    'id',
    'studentId',
    'setupId',
    'told',
    'grip',
    'checkId',
    'groupId',
    'marks',
  ]);
  return Object.keys(body)
    .filter((key) => !hidden.has(key))
    .flatMap((key) => {
      const value = valueAt(body, [key]);
      if (Array.isArray(value) && value.length > MOST_SHOWN) return [];
      const text = valueWords(value);
      return text.length > LONGEST_SHOWN || text === words.nothingThere
        ? []
        : [`${words.fields[key] ?? key}: ${text}`];
    });
}

/** Long lists are numbers, which say nothing to a reader. */
const MOST_SHOWN = 12;
const LONGEST_SHOWN = 400;
