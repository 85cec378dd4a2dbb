import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import { FINGER_CHAIN, FINGERS } from '@open-palm/core/hand';
import type { PointName } from '@open-palm/core/measure';
import { guessOf, nextOpen, type Shown } from './marksState';

/** Points that are looked at together: a finger at the stick, the bow, or a single joint of the thumb. */
export const GROUPS = [
  { id: 'bow', names: REQUIRED_BOW_POINTS },
  { id: 'wrist', names: ['wrist'] },
  { id: 'thumbMcp', names: ['thumbCmc', 'thumbMcp'] },
  { id: 'thumbIp', names: ['thumbIp'] },
  { id: 'thumbTip', names: ['thumbTip'] },
  ...FINGERS.map((finger) => ({ id: finger, names: FINGER_CHAIN[finger] })),
] as const satisfies readonly { id: string; names: readonly PointName[] }[];

export type GroupId = (typeof GROUPS)[number]['id'];

/** What a person is asked to look at now. */
export interface ConfirmStep {
  id: GroupId;
  names: readonly PointName[];
}

/** The guesses to be looked at now; null when the next point is to be touched, or all are done. */
export function confirmStep(marks: Shown): ConfirmStep | null {
  const next = nextOpen(marks);
  if (next === null || !guessOf(marks, next)) return null;
  const group = GROUPS.find(({ names }) => (names as readonly PointName[]).includes(next))!;
  const names = group.names.filter(
    (name) => marks.sequence.includes(name) && guessOf(marks, name) !== null,
  );
  return { id: group.id, names };
}
