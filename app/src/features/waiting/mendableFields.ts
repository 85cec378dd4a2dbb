import { crossingInputSchema } from '@open-palm/contract/crossing';
import { logEntrySchema } from '@open-palm/contract/lessonLog';
import { relaxedHandInputSchema } from '@open-palm/contract/relaxedHand';
import { takeInputSchema } from '@open-palm/contract/take';
import { issuesFromZod } from '@open-palm/contract/zodIssues';
import { describeIssue } from '@open-palm/words/describe';
import type { Entry } from '../../foundation/api/sync/entry';
import { waitingWords as words } from '../../foundation/strings/waiting';

type Path = readonly (string | number)[];

/** One value of an entry that can be put right in place. */
export interface MendField {
  /** Its place as text, which is its key. */
  at: string;
  label: string;
  kind: 'text' | 'day' | 'number' | 'elbow';
  value: string;
}

/** Kinds of entries that have no screen of their own to be changed on. */
const SCHEMAS = {
  log: logEntrySchema,
  take: takeInputSchema,
  crossing: crossingInputSchema,
  relaxedHand: relaxedHandInputSchema,
} as const;

type Mendable = Extract<Entry, { kind: keyof typeof SCHEMAS }>;

export const isMendable = (entry: Entry): entry is Mendable => Object.hasOwn(SCHEMAS, entry.kind);

/** What a person wrote or counted; ids, and what is chosen from a list of ours, are not typed in. */
const KIND_OF: Readonly<Record<string, MendField['kind']>> = {
  words: 'text',
  word: 'text',
  due: 'day',
  from: 'day',
  off: 'day',
  on: 'day',
  madeAt: 'day',
  takenAt: 'day',
  seenAt: 'day',
  elbow: 'elbow',
  seconds: 'number',
  clean: 'number',
  angleDeg: 'number',
  downToDeg: 'number',
  counts: 'number',
  steps: 'number',
  breaks: 'number',
  rounds: 'number',
  bpm: 'number',
};

/** What lies deeper is a recording, which nobody types in. */
const DEEPEST = 3;

/** What can be put right in an entry that stopped: what was written and counted, and the number that the studio points at. */
export function mendableFields(entry: Mendable): MendField[] {
  const fields = leavesOf(entry.body).flatMap(([path, value]): MendField[] => {
    const kind = KIND_OF[String(path.at(-1))];
    const isThere = value !== undefined && (value !== null || kind === 'elbow' || kind === 'text');
    if (kind === undefined || !isThere) return [];
    return [{ at: textOf(path), label: labelOf(entry, path), kind, value: shown(kind, value) }];
  });
  const said = saidPath(entry);
  const value = said && at(entry.body, said);
  if (!said || typeof value !== 'number' || fields.some((field) => field.at === textOf(said))) {
    return fields;
  }
  return [
    ...fields,
    { at: textOf(said), label: entry.stop!.where, kind: 'number', value: String(value) },
  ];
}

/** The part that the studio points at, where the rest makes sense without it: a mark, a channel, the corrected turns. */
export function leavableOf(entry: Mendable): Path | null {
  const said = saidPath(entry);
  if (!said) return null;
  if (said[0] === 'cuts') return ['cuts'];
  const isPart = ['points', 'channels', 'noiseSd'].includes(String(said.at(-2) ?? ''));
  const parent = said.slice(0, -1);
  if (isPart) return said;
  return ['points', 'channels', 'noiseSd'].includes(String(parent.at(-2) ?? '')) ? parent : null;
}

/**
 * The entry's body with what was put right, or what is still wrong with it.
 *
 * @param changed new texts by the fields' places
 * @param leaves what is left out
 */
export function mendedBody(
  entry: Mendable,
  changed: Readonly<Record<string, string>>,
  leaves: Path | null = null,
): { body: Mendable['body'] } | { problem: string } {
  const body = structuredClone(entry.body);
  for (const field of mendableFields(entry)) {
    const text = changed[field.at];
    if (text !== undefined && text !== field.value) {
      put(body, pathOf(field.at), read(field, text.trim(), at(body, pathOf(field.at))));
    }
  }
  if (leaves) put(body, leaves, leaves[0] === 'cuts' ? null : undefined);
  const checked = SCHEMAS[entry.kind].safeParse(body);
  if (checked.success) return { body };
  const [issue] = issuesFromZod(checked.error, '');
  const wrong = mendableFields(entry).find((field) => field.at === issue!.where);
  return { problem: describeIssue({ ...issue!, where: wrong?.label ?? issue!.where }) };
}

function read(field: MendField, text: string, before: unknown): unknown {
  switch (field.kind) {
    case 'number':
      return text === '' ? NaN : Number(text.replace(',', '.').replace('−', '-'));
    case 'day':
      // A moment keeps its hour; only its day is put right.
      return String(before).length > DAY_LETTERS ? text + String(before).slice(DAY_LETTERS) : text;
    default:
      return text === '' ? null : text;
  }
}

const DAY_LETTERS = '2026-11-29'.length;

const shown = (kind: MendField['kind'], value: unknown): string =>
  value === null ? '' : kind === 'day' ? String(value).slice(0, DAY_LETTERS) : String(value);

function labelOf(entry: Mendable, path: Path): string {
  const key = String(path.at(-1));
  if (key !== 'elbow') return words.fields[key] ?? key;
  return words.elbowOn(String(at(entry.body, [...path.slice(0, -1), 'string'])));
}

/** Where the studio found something wrong, if there is such a place in what was sent. */
function saidPath({ body, stop }: Mendable): Path | null {
  const path = pathOf(stop?.where ?? '');
  return path.length > 0 && at(body, path) !== undefined ? path : null;
}

const pathOf = (text: string): Path =>
  text
    .split(/[.[\]]+/)
    .filter((key) => key !== '')
    .map((key) => (/^\d+$/.test(key) ? Number(key) : key));

const textOf = (path: Path): string =>
  path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text === '' ? key : `${text}.${key}`,
    '',
  );

const at = (body: unknown, path: Path): unknown =>
  path.reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null
        ? (inner as Record<string | number, unknown>)[key]
        : undefined,
    body,
  );

function put(body: object, path: Path, value: unknown): void {
  const parent = at(body, path.slice(0, -1)) as Record<string | number, unknown>;
  const key = path.at(-1)!;
  if (value === undefined) delete parent[key];
  else parent[key] = value;
}

function leavesOf(value: unknown, path: Path = []): [Path, unknown][] {
  if (typeof value !== 'object' || value === null) return [[path, value]];
  if (path.length > DEEPEST) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    leavesOf(inner, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}
