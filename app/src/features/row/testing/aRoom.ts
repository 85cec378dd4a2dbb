import type { StudentListItem, Walked } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { answerOfFault, type RowMark } from '@open-palm/core/row';
import { walkIdOf } from '@open-palm/records/row';
import type { Player } from '../room';

const hold = holdById('violin-shallow');

/** A student as lists have them. */
export const item = (id: string, name: string, more: object = {}): StudentListItem =>
  ({
    student: {
      id,
      name,
      middleFingerMm: null,
      bands: 'on',
      setups: [
        {
          id: `${id}'s`,
          instrument: 'violin',
          holdId: 'violin-shallow',
          bowSize: '4/4',
          settings: {},
        },
      ],
    },
    lastCheckAt: null,
    open: [],
    ...more,
  }) as unknown as StudentListItem;

/** A violinist in the front row. */
export const player = (id: string, place: number, more: Partial<Player> = {}): Player => {
  const of = item(id, `${id} Name`);
  return {
    studentId: id,
    name: of.student.name,
    item: of,
    setup: of.student.setups[0]!,
    hold,
    seat: { row: 0, place },
    hurts: false,
    ...more,
  };
};
/** Four of them. */
export const room = ['a', 'b', 'c', 'd'].map((id, place) => player(id, place));

let count = 0;
/** A mark of a walk, a minute after the one before. */
export const mark = (studentId: string, said: object): RowMark => {
  count += 1;
  const at = `2026-12-02T15:${String(10 + count)}:00.000Z`;
  return { id: `m${count}`, at, studentId, setupId: `${studentId}'s`, ...said } as RowMark;
};
export const straight = (studentId: string) =>
  mark(studentId, answerOfFault('thumbStraight', hold)!);
export const fine = (studentId: string) => mark(studentId, { kind: 'fine' });
export const walked = (day: string, ...players: Partial<Walked['players'][number]>[]): Walked => ({
  id: walkIdOf('g', day),
  day,
  fromMemory: false,
  players: players.map((one) => ({
    studentId: '',
    isAbsent: false,
    faults: {},
    at: `${day}T15:30:00.000Z`,
    checkId: null,
    ...one,
  })),
});
