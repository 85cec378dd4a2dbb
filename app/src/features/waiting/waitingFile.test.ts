import type { Entry } from '../../foundation/api/sync/entry';
import { readWaitingFile, waitingFile } from './waitingFile';

const id = (n: number) => `01a00000-0000-7000-8000-${String(n).padStart(12, '0')}`;

const entry = {
  kind: 'check',
  id: id(1),
  studentName: 'Nora',
  pictures: [],
  edit: id(3),
  after: [],
  basedOn: 0,
  studio: id(4),
  author: id(5),
  madeBy: id(6),
  at: '2026-11-30T10:00:00Z',
  tries: 4,
  notBefore: 99,
  body: { studentId: id(7) },
  stop: { status: 400, code: 'x', message: 'no', where: '', at: '2026-11-30T10:00:00Z' },
} as unknown as Entry;

it('carries what waits as it is, but for how often it was tried', async () => {
  const read = readWaitingFile(await (await waitingFile([entry])).text());
  expect(read).toEqual([{ ...entry, tries: 0, notBefore: 0 }]);
});

it('takes nothing from another file, or from one that broke off', async () => {
  const whole = await (await waitingFile([entry])).text();
  for (const text of ['', '[]', '{"format":"open-palm-waiting"}', whole.slice(0, -20)]) {
    expect(readWaitingFile(text)).toBeNull();
  }
  const odd = JSON.parse(whole) as { entries: { kind: string }[] };
  odd.entries[0]!.kind = 'payment';
  expect(readWaitingFile(JSON.stringify(odd))).toBeNull();
});
