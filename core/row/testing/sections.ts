import type { Hold } from '../../holds';
import { offeredFaults } from '../marks';
import type { RowMark } from '../rowMark';
import { answerOfFault } from '../answerOfFault';
import { ROW_NUMBERS } from '../rowData';
import type { PlayerHere } from '../sharedFaults';

/** A mark of a player, as a tap on a screen makes it. */
export const markOf = (
  studentId: string,
  said: 'fine' | 'absent' | { fault: string; hold: Hold },
  at = '2026-03-04T15:30:00.000Z',
): RowMark => {
  const whose = { at, studentId, setupId: `${studentId}'s` };
  if (typeof said === 'string') return { ...whose, id: `${studentId} ${said}`, kind: said };
  const answer = answerOfFault(said.fault, said.hold)!;
  return { ...whose, id: `${studentId} ${said.fault}`, ...answer };
};

/** A room of players on these holds, in which each shows faults with these probabilities and is seen once, by an eye that may be wrong. */
export function simulatedRoom(
  holds: readonly Hold[],
  faults: Readonly<Record<string, number>>,
  random: () => number,
): PlayerHere[] {
  const { seesFault, seesFine } = ROW_NUMBERS.eye;
  return holds.map((hold, i): PlayerHere => {
    const isMarked = (fault: string) =>
      random() < (random() < (faults[fault] ?? 0) ? seesFault : 1 - seesFine);
    const seen = offeredFaults(hold).map(({ id }) => [id, isMarked(id)] as const);
    return { studentId: `player ${i}`, hold, faults: new Map(seen) };
  });
}
