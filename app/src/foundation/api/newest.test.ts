import type { HandFile, KeptTake, StudentListItem } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import {
  fileOfNew,
  newestHandFile,
  newestHolds,
  newestList,
  newestTakes,
  type Here,
} from './newest';

const setup = { id: 'setup', instrument: 'violin', holdId: 'violin-shallow' };
const body = (name: string) => ({ name, setups: [setup] });
const entry = (kind: string, id: string, content: object) => ({ kind, id, body: content });
const here = (entries: object[] = [], arrived: object[] = []): Here =>
  ({ entries, arrived }) as never;
const item = (id: string, name: string, version: number) =>
  ({ student: { id, version, ...body(name) }, tracks: [], open: [] }) as never as StudentListItem;
const names = (list: readonly StudentListItem[]) => list.map(({ student }) => student.name);

describe('the newest revision, sent or not', () => {
  it('of a student is what waits; once it arrived, what arrived until the studio’s answer has it', () => {
    const list = [item('a', 'Ada', 1)];
    expect(names(newestList(list, here([entry('student', 'a', body('Eda'))])))).toEqual(['Eda']);
    const arrived = [{ ...entry('student', 'a', body('Ida')), version: 2 }];
    expect(names(newestList(list, here([], arrived)))).toEqual(['Ida']);
    expect(names(newestList([item('a', 'Ona', 3)], here([], arrived)))).toEqual(['Ona']);
    expect(newestList(list, here())[0]).toBe(list[0]);
  });

  it('has students who are on this device alone, with a hand file to begin with', () => {
    const fresh = here([entry('student', 'b', body('Bo'))]);
    const list = newestList([item('c', 'Cleo', 1)], fresh);
    expect(names(list)).toEqual(['Bo', 'Cleo']);
    expect(fileOfNew('b', undefined, fresh)).toMatchObject({ setupId: 'setup', history: [] });
    expect(fileOfNew('c', undefined, fresh)).toBeNull();
  });

  it('of a hold and a hand file', () => {
    const hold = { ...holdById('cello'), id: 'own', version: 1 };
    const changed = { ...hold, version: 2 };
    const waits = here([
      entry('hold', 'own', changed),
      entry('hold', 'new', { ...hold, id: 'new' }),
    ]);
    expect(newestHolds([hold], waits)).toMatchObject([{ version: 2 }, { id: 'new' }]);
    const file = { student: item('a', 'Ada', 1).student, ownHolds: [hold] } as never as HandFile;
    expect(newestHandFile(file, waits).ownHolds).toHaveLength(2);
    expect(newestHandFile(file, here())).toBe(file);
  });

  it('of takes: what waits stands above what arrived, and that above an older answer', () => {
    const take = (
      id: string,
      version: number,
      fingersSeen: string | null,
      takenAt = '2026-01-01',
    ) => ({ id, version, setupId: 's', fingersSeen, takenAt }) as never as KeptTake;
    const known = [take('a', 1, null), take('b', 1, null, '2026-01-02')];
    const came = { kind: 'take', id: 'a', version: 2, body: take('a', 2, 'still') };
    const seen = (h: Here) => newestTakes(known, 's', h).map((one) => [one.id, one.fingersSeen]);
    expect(seen(here([], [came]))).toEqual([
      ['b', null],
      ['a', 'still'],
    ]);
    expect(seen(here([entry('take', 'a', take('a', 2, 'moving'))], [came]))).toEqual([
      ['b', null],
      ['a', 'moving'],
    ]);
    const elsewhere = { ...came, body: { ...came.body, setupId: 'other' } };
    expect(seen(here([], [elsewhere]))[1]).toEqual(['a', null]);
  });
});
