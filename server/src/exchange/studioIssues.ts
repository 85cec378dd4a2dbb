import type { Knex } from 'knex';
import type { CheckInput, Student } from '@open-palm/contract';
import { ofIssue } from '@open-palm/core/problem';
import { gripFacts } from '@open-palm/records/grip';
import { cellIssue, type RowIssue, type StudioFile } from '@open-palm/contract/exchange';
import { holdById, type Hold } from '@open-palm/core/holds';
import { shippedHold } from '@open-palm/core/holds/archive';
import { findHoldIssues, findLookIssues } from '@open-palm/core/measure';
import { everyHold } from '../references/repo';
import { setupOwners } from './repo';
import { isShipped } from '@open-palm/records/holds';

/** What a studio file says that cannot be: students, instruments and holds that are nowhere, looks that cannot be judged. */
export async function studioIssues(
  db: Knex,
  file: StudioFile,
  known: readonly Student[],
): Promise<RowIssue[]> {
  const setups = await setupOwners(db);
  for (const student of file.students)
    for (const { id } of student.setups) setups.set(id, student.id);
  const students = new Set([...known, ...file.students].map(({ id }) => id));
  const holds = holdFinder([...(await everyHold(db)), ...(file.holds as Hold[])]);
  const references = (where: string, one: { studentId: string; setupId: string }): RowIssue[] => {
    if (!students.has(one.studentId)) {
      return [cellIssue(null, `${where}.studentId`, { code: 'noStudent' }, one.studentId)];
    }
    return setups.get(one.setupId) === one.studentId
      ? []
      : [cellIssue(null, `${where}.setupId`, { code: 'notTheirInstrument' }, one.setupId)];
  };
  return [
    ...file.students.flatMap(({ setups: own }, i) =>
      own.flatMap(({ holdId }, k) =>
        holds(holdId, null)
          ? []
          : [cellIssue(null, `students[${i}].setups[${k}].holdId`, { code: 'noHold' }, holdId)],
      ),
    ),
    ...file.holds.flatMap((hold, i) =>
      findHoldIssues(hold as Hold).map((issue) =>
        cellIssue(null, `holds[${i}].${issue.where}`, ofIssue(issue), ''),
      ),
    ),
    ...file.checks.flatMap((check, i): RowIssue[] => {
      const where = `checks[${i}]`;
      const hold = holds(check.grip.holdId, check.grip.holdVersion);
      if (!hold)
        return [cellIssue(null, `${where}.grip.holdId`, { code: 'noHold' }, check.grip.holdId)];
      if (check.captures.length + check.taps.length === 0) return references(where, check);
      const facts = gripFacts(check.grip, hold, null);
      return [
        ...references(where, check),
        ...findLookIssues(check, facts.hold).map((issue) =>
          cellIssue(null, `${where}.${issue.where}`, ofIssue(issue), ''),
        ),
      ];
    }),
    ...file.log.flatMap((entry, i) => references(`log[${i}]`, entry)),
  ];
}

/** A hold in its version, a shipped one out of the archive; in any where none is asked for. */
function holdFinder(own: readonly Hold[]) {
  return (id: string, version: number | null): Hold | undefined =>
    isShipped(id)
      ? version === null
        ? holdById(id)
        : shippedHold(id, version)
      : own.find((hold) => hold.id === id && (version === null || hold.version === version));
}

/** A look as it can be kept here: where a picture did not come along, its numbers stand in for all of them as answers. */
export function withoutMissingPictures(
  { id, measures, ...input }: StudioFile['checks'][number],
  pictures: ReadonlySet<string>,
): { id: string; input: CheckInput; lost: boolean } {
  const { told: _, ...given } = input;
  const kept = { ...given, grip: { ...input.grip, relaxedHandId: null } };
  if (input.captures.every(({ pictureId }) => pictures.has(pictureId))) {
    const told = input.told ? { told: input.told } : {};
    return { id, input: { ...kept, ...told }, lost: false };
  }
  const answered = new Set(input.taps.map(({ measure, place }) => `${measure} ${place ?? ''}`));
  const taps = measures.flatMap(({ measure, place }): CheckInput['taps'] => {
    if (answered.has(`${measure.id} ${place ?? ''}`)) return [];
    const at = place === null ? {} : { place };
    switch (measure.kind) {
      case 'number':
        return [
          {
            measure: measure.id,
            answer: { kind: 'value', value: measure.value, sd: Math.max(measure.sd, 1e-6) },
            ...at,
          },
        ];
      case 'category':
        return [
          { measure: measure.id, answer: { kind: 'category', category: measure.value }, ...at },
        ];
      case 'looked':
        return [{ measure: measure.id, answer: { kind: 'fine' }, ...at }];
    }
  });
  return { id, input: { ...kept, captures: [], taps: [...input.taps, ...taps] }, lost: true };
}
