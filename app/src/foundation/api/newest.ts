import { familyStandings, mergeContacts } from '@open-palm/core/measure';
import type {
  GroupFile,
  GroupListItem,
  HandFile,
  KeptGroup,
  KeptStudent,
  KeptTake,
  StudentListItem,
} from '@open-palm/contract';
import { unitedMarks, type RowMark } from '@open-palm/core/row/rowMark';
import type { Hold } from '@open-palm/core/holds';
import type { Arrived } from './sync/syncEngine';
import type { Content, Entry, Kind } from './sync/entry';

/** What this device knows newer than the studio's answers: what waits, and what arrived since they were given. */
export interface Here {
  entries: readonly Entry[];
  arrived: readonly Arrived[];
}

/** The newest that this device has written of one thing, as far as it is newer than a version of the studio's. */
type BodyOf<K extends Kind> = Extract<Content, { kind: K }>['body'];

function newerThan<K extends Kind>(
  here: Here,
  kind: K,
  id: string,
  version: number,
): BodyOf<K> | null {
  const waits = here.entries.find((one) => one.kind === kind && one.id === id);
  if (waits) return waits.body as never;
  const came = here.arrived.find((one) => one.kind === kind && one.id === id);
  return came && (came.version ?? 0) > version ? (came.body as never) : null;
}

/** A student in the newest revision there is, sent or not. */
export function newestStudent(student: KeptStudent, here: Here): KeptStudent {
  const { id, version } = student;
  const body = newerThan(here, 'student', id, version);
  if (!body) return student;
  const { id: _, ...fields } = body as KeptStudent;
  return { ...fields, id, version: (fields as Partial<KeptStudent>).version ?? version };
}

/** Students who are on this device alone so far. */
const newStudents = (here: Here, known: ReadonlySet<string>): KeptStudent[] =>
  here.entries.flatMap((one) =>
    one.kind === 'student' && !known.has(one.id) ? [{ ...one.body, id: one.id, version: 1 }] : [],
  );

const NOTHING_SEEN = {
  lastCheckAt: null,
  standings: familyStandings([]),
  badge: null,
};

/** The list with what this device has written: changed students, and new ones among them. */
export function newestList(
  students: readonly StudentListItem[],
  here: Here,
): readonly StudentListItem[] {
  const known = new Set(students.map(({ student }) => student.id));
  const added = newStudents(here, known).map((student) => ({
    student,
    ...NOTHING_SEEN,
    tracks: [],
    open: [],
  }));
  const changed = students.map((item) => {
    const student = newestStudent(item.student, here);
    return student === item.student ? item : { ...item, student };
  });
  if (added.length === 0) return changed;
  return [...changed, ...added].sort((a, b) => a.student.name.localeCompare(b.student.name));
}

/** Own holds with what this device has changed of them. */
export function newestHolds<H extends Hold>(holds: readonly H[], here: Here): H[] {
  const known = new Set(holds.map(({ id }) => id));
  const added = here.entries.flatMap((one) =>
    one.kind === 'hold' && !known.has(one.id) ? [one.body as H] : [],
  );
  return [
    ...holds.map((hold) => (newerThan(here, 'hold', hold.id, hold.version) as H | null) ?? hold),
    ...added,
  ];
}

/** A hand file with the newest of the student and the holds. */
export function newestHandFile(file: HandFile, here: Here): HandFile {
  const student = newestStudent(file.student, here);
  const ownHolds = newestHolds(file.ownHolds, here);
  const isSame = student === file.student && ownHolds.every((hold, i) => hold === file.ownHolds[i]);
  return isSame ? file : { ...file, student, ownHolds };
}

/** The hand file of a student who is on this device alone so far; null when there is none. */
export function fileOfNew(id: string, setupId: string | undefined, here: Here): HandFile | null {
  const student = newStudents(here, new Set()).find((one) => one.id === id);
  if (!student) return null;
  const setup = student.setups.find((one) => one.id === setupId) ?? student.setups[0]!;
  return {
    workingOut: 0,
    student,
    setupId: setup.id,
    ownHolds: newestHolds([], here) as HandFile['ownHolds'],
    relaxedHand: null,
    history: [],
    lastSeen: [],
    standings: NOTHING_SEEN.standings,
    contacts: mergeContacts([]),
    fittedHand: null,
    signs: {},
    log: [],
    ownCues: [],
  };
}

/** A group in the newest revision there is, sent or not. */
export function newestGroup(group: KeptGroup, here: Here): KeptGroup {
  const { id, version } = group;
  const body = newerThan(here, 'group', id, version) as (KeptGroup & { version?: number }) | null;
  return body ? { ...body, id, version: body.version ?? version } : group;
}

/** Groups who are on this device alone so far. */
const newGroups = (here: Here, known: ReadonlySet<string>): KeptGroup[] =>
  here.entries.flatMap((one) =>
    one.kind === 'group' && !known.has(one.id) ? [{ ...one.body, id: one.id, version: 1 }] : [],
  );

/** The groups with what this device has written of them. */
export function newestGroups(groups: readonly GroupListItem[], here: Here): GroupListItem[] {
  const known = new Set(groups.map(({ group }) => group.id));
  return [
    ...groups.map((item) => ({ ...item, group: newestGroup(item.group, here) })),
    ...newGroups(here, known).map((group) => ({ group, lastDay: null })),
  ].sort((a, b) => a.group.name.localeCompare(b.group.name));
}

/** A group with the newest of what is written down of it; of one that is on this device alone, that. */
export function newestGroupFile(
  file: GroupFile | undefined,
  id: string,
  here: Here,
): GroupFile | undefined {
  if (file) return { ...file, group: newestGroup(file.group, here) };
  const group = newGroups(here, new Set()).find((one) => one.id === id);
  return group && { group, walks: [], newest: null };
}

/** The marks of a walk that this device made or saw arrive, with those that the studio has. */
export function newestMarks(
  walkId: string,
  kept: readonly RowMark[],
  { entries, arrived }: Here,
): RowMark[] {
  const own = [...entries, ...arrived].flatMap((one) =>
    one.kind === 'walk' && one.id === walkId ? [one.body.marks] : [],
  );
  return unitedMarks(kept, ...own);
}

/** Takes with what this device has recorded or corrected, the newest first. */
export function newestTakes(takes: readonly KeptTake[], setupId: string, here: Here): KeptTake[] {
  const known = new Map(takes.map((take) => [take.id, take]));
  for (const { kind, id, body, version } of here.arrived) {
    if (kind !== 'take' || body.setupId !== setupId) continue;
    const kept = known.get(id);
    if (!kept || (version ?? 0) > kept.version)
      known.set(id, { ...body, id, version: version ?? 1 });
  }
  for (const entry of here.entries) {
    if (entry.kind !== 'take' || entry.body.setupId !== setupId) continue;
    known.set(entry.id, {
      ...entry.body,
      id: entry.id,
      version: known.get(entry.id)?.version ?? 0,
    });
  }
  return [...known.values()].sort((a, b) => Date.parse(b.takenAt) - Date.parse(a.takenAt));
}
