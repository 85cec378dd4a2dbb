import { v7 as uuidv7 } from 'uuid';
import type {
  CheckInput,
  Conflict,
  CrossingInput,
  GroupInput,
  ReportInput,
  LogEntry,
  RelaxedHandInput,
  StudentInput,
  TakeInput,
  WalkInput,
} from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';

/** What a write brings to the studio. */
export type Content =
  | { kind: 'check'; body: CheckInput }
  | { kind: 'relaxedHand'; body: RelaxedHandInput }
  | { kind: 'take'; body: TakeInput }
  | { kind: 'crossing'; body: CrossingInput }
  | { kind: 'log'; body: LogEntry }
  | { kind: 'student'; body: StudentInput }
  | { kind: 'letter'; body: ReportInput }
  | { kind: 'hold'; body: Hold }
  | { kind: 'group'; body: GroupInput }
  | { kind: 'walk'; body: WalkInput };

export type Kind = Content['kind'];

/** Every kind, in the order in which a person is told of them. */
export const KINDS = [
  'check',
  'relaxedHand',
  'take',
  'crossing',
  'log',
  'student',
  'letter',
  'hold',
  'group',
  'walk',
] as const satisfies readonly Kind[];

/** Kinds that change under versions; the others never do. */
export const VERSIONED: ReadonlySet<Kind> = new Set(['student', 'letter', 'take', 'hold', 'group']);

/** Why an entry is not sent by itself any more. */
export interface Stop {
  /** HTTP status; 0 for one that an earlier version of the app stopped. */
  status: number;
  code: string;
  message: string;
  where: string;
  /** When, ISO. */
  at: string;
}

/** Something a person made on this device, on its way to the studio. */
export type Entry = {
  /** The id of what is written: of the check, the student, the entry of the log. */
  id: string;
  /** Of whom it is told; the student's name. */
  studentName: string;
  pictures: readonly { id: string; blob: Blob }[];
  /** Changes with every edit on this device, and is the edit's id in the studio. */
  edit: string;
  /** Earlier edits of the same that may have reached the studio without its answer having come back. */
  after: readonly string[];
  /** The version that the edit is based on; 0 for something new. */
  basedOn: number;
  /** The studio that it was made for; null where none had answered yet. */
  studio: string | null;
  /** Who made it: it is sent under no other name. Null where nobody was signed in. */
  author: string | null;
  /** The device that made it. */
  madeBy: string;
  /** When it was made or last changed here, ISO. */
  at: string;
  /** How often it was tried, and when it is tried next, ms since 1970. */
  tries: number;
  notBefore: number;
  stop?: Stop;
  /** What stands in the studio, where both changed the same. */
  conflict?: Conflict;
} & Content;

/** What a screen says of a new entry; the rest is the engine's. */
export type NewEntry = Pick<Entry, 'id' | 'studentName'> &
  Content & {
    pictures?: Entry['pictures'];
    basedOn?: number;
    /** More of the same is to come: it is sent with it, after so many ms at the latest. */
    withinMs?: number;
  };

/** Whether it waits to be sent, and not for a person. */
export const isWaiting = ({ stop, conflict }: Entry): boolean => !stop && !conflict;

/** Entries of one thing share a key, so that a later edit takes the place of an earlier one. */
export const keyOf = ({ kind, id }: Pick<Entry, 'kind' | 'id'>): string => `${kind} ${id}`;

/** The student that an entry is about; null for what is the teacher's own. */
export function studentOf(entry: Pick<Entry, 'id'> & Content): string | null {
  switch (entry.kind) {
    case 'student':
      return entry.id;
    case 'letter':
    case 'hold':
    case 'group':
    case 'walk':
      return null;
    default:
      return entry.body.studentId;
  }
}

/** Every student that an entry says something of. */
export function studentsOf(entry: Pick<Entry, 'id'> & Content): string[] {
  if (entry.kind === 'group') return Object.keys(entry.body.members);
  if (entry.kind === 'walk') return entry.body.marks.map(({ studentId }) => studentId);
  return [studentOf(entry) ?? []].flat();
}

/**
 * An entry without what it says of students who were erased.
 *
 * @returns null where nothing of it is left to be sent
 */
export function withoutErased(entry: Entry, isErased: (id: string) => boolean): Entry | null {
  if (isErased(entry.id) || isErased(studentOf(entry) ?? entry.id)) return null;
  if (entry.kind === 'group') {
    const members = Object.entries(entry.body.members).filter(([id]) => !isErased(id));
    return { ...entry, body: { ...entry.body, members: Object.fromEntries(members) } };
  }
  if (entry.kind === 'walk') {
    const marks = entry.body.marks.filter(({ studentId }) => !isErased(studentId));
    return { ...entry, body: { ...entry.body, marks } };
  }
  return entry;
}

/** What an earlier version of the app left in the outbox. */
type Older = Pick<Entry, 'id' | 'studentName' | 'pictures'> & { refused?: string } & Content;

/** The first version that takes had in the studio. */
const FIRST_VERSION = 1;

/** An entry as it is stored, whichever version of the app stored it; null for what is none. */
export function takenOver(stored: unknown, device: string, now: number): Entry | null {
  const entry = stored as (Older & Partial<Entry>) | null;
  if (typeof entry?.id !== 'string' || typeof entry.kind !== 'string' || !entry.body) return null;
  // Before studios had ids there was one at an address, and before people had names there was one person.
  if (typeof entry.edit === 'string') {
    const { studio = null, author = null } = entry;
    const isOlder = entry.studio === undefined || entry.author === undefined;
    return (isOlder ? { ...entry, studio, author } : entry) as Entry;
  }
  const { refused, ...rest } = entry;
  const at = new Date(now).toISOString();
  const fresh = {
    ...rest,
    pictures: rest.pictures ?? [],
    edit: uuidv7(),
    after: [],
    basedOn: entry.kind === 'take' ? FIRST_VERSION : 0,
    studio: null,
    author: null,
    madeBy: device,
    at,
    tries: 0,
    notBefore: 0,
  } as Entry;
  if (refused === undefined) return fresh;
  return { ...fresh, stop: { status: 0, code: 'refused', message: refused, where: '', at } };
}
