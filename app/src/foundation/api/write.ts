import type { GroupInput, KeptStudent, ReportInput, StudentInput } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { strings } from '../strings';
import type { NewEntry } from './sync/entry';
import { sync } from './sync';
import { keptOf } from './sync/useSync';

/** What was written was refused, with the studio's words; it is not kept on this device, because its form still has it. */
export class Refused extends Error {}

/**
 * Writes something down from a form: it is safe on this device, and with the studio where that answers.
 *
 * @returns whether it arrived, waits, or somebody else changed the same
 * @throws Refused when the studio does not take it
 */
async function keep(entry: NewEntry): Promise<'arrived' | 'waits' | 'conflict'> {
  await sync.write(entry);
  await sync.send();
  const standing = keptOf(entry.kind, entry.id);
  if (typeof standing === 'string') return standing;
  if (standing.conflict) return 'conflict';
  await sync.discard(standing);
  throw new Refused(standing.stop?.message ?? strings.loading.unreadable);
}

/**
 * Writes down a student.
 *
 * @param basedOn the version that was changed; 0 for a new student
 */
export const saveStudent = (
  id: string,
  body: StudentInput,
  basedOn: KeptStudent['version'] | 0,
): Promise<'arrived' | 'waits' | 'conflict'> =>
  keep({ kind: 'student', id, studentName: body.name, body, basedOn });

/** Keeps a new version of an own hold. */
export function saveOwnHold(hold: Hold): Promise<'arrived' | 'waits' | 'conflict'> {
  // A version that waits is changed once more, and is no second one.
  const waits = sync.contents().find(({ kind, id }) => kind === 'hold' && id === hold.id);
  const version = waits ? waits.basedOn + 1 : hold.version;
  return keep({
    kind: 'hold',
    id: hold.id,
    studentName: hold.own?.name ?? '',
    body: { ...hold, version },
    basedOn: version - 1,
  });
}

/**
 * Writes down a group.
 *
 * @param basedOn the version that was changed; 0 for a new group
 */
export const saveGroup = (
  id: string,
  body: GroupInput,
  basedOn: number,
): Promise<'arrived' | 'waits' | 'conflict'> =>
  keep({ kind: 'group', id, studentName: body.name, body, basedOn });

/** Keeps a report as it reads now. */
export const keepReport = (
  checkId: string,
  studentName: string,
  body: ReportInput,
  basedOn: number,
): Promise<'arrived' | 'waits' | 'conflict'> =>
  keep({ kind: 'letter', id: checkId, studentName, body, basedOn });
