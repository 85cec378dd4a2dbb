import { memoryStore } from './entryStore';
import type { Answer } from './outcome';
import { DEVICE, note, take, student, problem, bench } from './testing/engineBench';

describe('what a person makes', () => {
  it('is on this device until the studio has it, and is sent once', async () => {
    const { engine, sent } = bench(() => ({ kind: 'kept' }));
    await engine.write(note('a'));
    expect(engine.contents()).toMatchObject([{ id: 'a', madeBy: DEVICE, tries: 0 }]);
    await engine.send();
    await engine.send();
    expect(sent.map(({ id }) => id)).toEqual(['a']);
    expect(engine.contents()).toEqual([]);
    expect(engine.arrived()).toMatchObject([{ kind: 'log', id: 'a' }]);
  });

  it('is not lost when it is changed while its older body is being sent', async () => {
    let release: () => void = () => undefined;
    const answers = new Promise<void>((resolve) => (release = resolve));
    const { engine, sent } = bench(async (entry) => {
      if (sent.length === 1) await answers;
      return { kind: 'kept', version: 1 + sent.length, body: entry.body };
    });
    await engine.write(take('moving'));
    const sending = engine.send();
    while (sent.length === 0) await Promise.resolve();
    await engine.write(take('still'));
    release();
    await sending;
    expect(engine.contents()).toMatchObject([{ body: { fingersSeen: 'still' }, basedOn: 1 }]);
    await engine.send();
    expect(sent.map(({ body }) => (body as never as { fingersSeen: string }).fingersSeen)).toEqual([
      'moving',
      'still',
    ]);
    // The second one says that it goes on from the first.
    expect(sent[1]!.after).toEqual([sent[0]!.edit]);
    expect(engine.contents()).toEqual([]);
  });

  it('says from which edits it goes on, when their answers were lost or their form has not loaded what came of them', async () => {
    let lost = true;
    const { engine, sent, later } = bench((entry) =>
      lost ? { kind: 'unknown' } : { kind: 'kept', version: 5, body: entry.body },
    );
    await engine.write(take('moving'));
    await engine.send();
    await engine.write(take('still'));
    lost = false;
    await later(10_000);
    expect(sent[1]!.after).toEqual([sent[0]!.edit]);
    await engine.write(take('moving', 1));
    expect(engine.contents()[0]!.after).toEqual([sent[1]!.edit]);
    await engine.write(take('still', 5));
    expect(engine.contents()[0]!.after).toContain(sent[1]!.edit);
  });
});

describe('a studio that fails, is slow or lies', () => {
  it('holds up one thing and nothing else: each is tried again by itself, after growing pauses', async () => {
    const { engine, sent, later, dueInMs } = bench(({ id }) =>
      id === 'bad' ? problem(500) : { kind: 'kept' },
    );
    await engine.write(note('bad'));
    await engine.write(note('good'));
    await engine.send();
    expect(sent.map(({ id }) => id)).toEqual(['bad', 'good']);
    expect(engine.contents().map(({ id }) => id)).toEqual(['bad']);
    const pauses: number[] = [];
    for (let i = 0; i < 9; i += 1) {
      pauses.push(dueInMs());
      await later(dueInMs() - 1);
      expect(sent).toHaveLength(2 + i);
      await later(1);
      expect(sent).toHaveLength(3 + i);
    }
    expect(pauses).toEqual([2, 4, 8, 16, 32, 64, 128, 256, 300].map((s) => s * 1000));
  });

  it.each([401, 408, 425, 429, 500, 502, 503])('answering %i makes nobody act', async (status) => {
    const { engine } = bench(() => problem(status));
    await engine.write(note('a'));
    await engine.send();
    expect(engine.contents()[0]!.stop).toBeUndefined();
  });

  it('waits as long as it is told to', async () => {
    const { engine, dueInMs } = bench(() => problem(429, 'x', { retryAfterMs: 90_000 }));
    await engine.write(note('a'));
    await engine.send();
    expect(dueInMs()).toBe(90_000);
  });

  it('never takes an answer that nobody can read for a refusal', async () => {
    const { engine, later } = bench(() => ({ kind: 'unknown' }));
    await engine.write(note('a'));
    await engine.send();
    await later(5000);
    expect(engine.contents()).toMatchObject([{ id: 'a', tries: 2 }]);
    expect(engine.contents()[0]!.stop).toBeUndefined();
  });

  it('asks a silent studio about three things and lets the rest keep their turn', async () => {
    const { engine, sent, dueInMs } = bench(() => ({ kind: 'unknown' }));
    for (const id of ['a', 'b', 'c', 'd', 'e']) await engine.write(note(id));
    await engine.send();
    expect(sent).toHaveLength(3);
    expect(engine.contents().map(({ tries }) => tries)).toEqual([1, 1, 1, 0, 0]);
    expect(dueInMs()).toBe(2000);
  });
});

describe('what stops', () => {
  it.each([400, 409, 413, 415, 422])(
    '%i waits for a person, with what was said',
    async (status) => {
      const { engine, sent, later } = bench(() => problem(status, 'malformed'));
      await engine.write(note('a'));
      await engine.send();
      expect(engine.contents()[0]!.stop).toMatchObject({ status, message: `said ${status}` });
      await later(3_600_000);
      expect(sent).toHaveLength(1);
    },
  );

  it('is sent again, discarded and brought back when a person says so', async () => {
    let status = 400;
    const { engine, sent } = bench(() => (status === 200 ? { kind: 'kept' } : problem(status)));
    await engine.write(note('a'));
    await engine.send();
    const [entry] = engine.contents();
    await engine.discard(entry!);
    expect(engine.contents()).toEqual([]);
    await engine.restore(entry!);
    expect(engine.contents()).toEqual([entry]);
    status = 200;
    await engine.again(entry!);
    expect(sent).toHaveLength(2);
    expect(engine.contents()).toEqual([]);
  });

  it('is put right in place; where its id was taken it gets its own', async () => {
    for (const [status, keepsId] of [
      [400, true],
      [409, false],
    ] as const) {
      let answer: Answer = problem(status, 'malformed');
      const { engine, sent } = bench(() => answer);
      await engine.write(note('a'));
      await engine.send();
      const [entry] = engine.contents();
      answer = { kind: 'kept' };
      await engine.resolve(entry!, { ...entry!.body, word: 'mended' } as never);
      expect(sent[1]).toMatchObject({ kind: 'log', body: { word: 'mended', id: sent[1]!.id } });
      expect(sent[1]!.id === 'a').toBe(keepsId);
      expect(engine.contents()).toEqual([]);
    }
  });

  it('by 403 only where it is about the person or the consent; a passing one passes', async () => {
    for (const [code, stops] of [
      ['notLocal', false],
      ['', false],
      ['role', true],
      ['consent', true],
    ] as const) {
      const { engine } = bench(() => problem(403, code));
      await engine.write(note('a'));
      await engine.send();
      expect(engine.contents()[0]!.stop !== undefined).toBe(stops);
    }
  });

  it('by 404 only once what it refers to has arrived', async () => {
    let isStudentThere = false;
    const { engine, sent, later } = bench((entry) => {
      if (entry.kind === 'student')
        return isStudentThere ? { kind: 'kept', version: 1 } : problem(500);
      return problem(404, 'notFound');
    });
    await engine.write(student('Ada'));
    await engine.write(note('a'));
    await engine.send();
    // What needs the student waits for the student, and is not even tried.
    expect(sent.map(({ kind }) => kind)).toEqual(['student']);
    isStudentThere = true;
    await later(3000);
    expect(sent.map(({ kind }) => kind)).toEqual(['student', 'student', 'log']);
    expect(engine.contents()).toMatchObject([{ id: 'a', stop: { status: 404 } }]);
  });

  it('by 410 is gone from this device too', async () => {
    const { engine, erased } = bench(() => problem(410, 'erased'));
    await engine.write(note('a'));
    await engine.send();
    expect(engine.contents()).toEqual([]);
    expect(erased).toEqual(['a']);
  });
});

describe('what was erased in the studio', () => {
  it('is forgotten, whoever made it and for whichever studio; the rest stays', async () => {
    const store = memoryStore();
    const { engine, later } = bench(() => ({ kind: 'unknown' }), store);
    await engine.write(note('a'));
    await engine.write(note('b'));
    await store.put('elsewhere', { ...engine.contents()[0]!, id: 'c', studio: 'another' });
    await engine.refresh();
    expect(engine.elsewhere().map(({ id }) => id)).toEqual(['c']);
    await engine.forget((id) => id === 'a' || id === 'c');
    await later(1);
    expect(engine.contents().map(({ id }) => id)).toEqual(['b']);
    expect(engine.elsewhere()).toEqual([]);
    expect((await store.all()).length).toBe(1);
  });

  it('is shown no more where it only arrived since the page was opened', async () => {
    const { engine } = bench(() => ({ kind: 'kept' }));
    await engine.write(note('a'));
    await engine.write(note('b'));
    await engine.send();
    const told: number[] = [];
    engine.subscribe(() => told.push(engine.arrived().length));
    engine.forgetArrived(({ id }) => id === 'a');
    expect(told).toEqual([1]);
    expect(engine.arrived()).toMatchObject([{ id: 'b' }]);
  });
});

describe('two edits of the same', () => {
  const conflict = { version: 4, theirs: { name: 'Ida', setups: [] }, fields: [['name']] };

  it('are kept side by side until a person has chosen, and the choice is based on what stands there', async () => {
    let answer: Answer = problem(409, 'edited', { conflict });
    const { engine, sent } = bench(() => answer);
    await engine.write(student('Eda', 2));
    await engine.send();
    const [entry] = engine.contents();
    expect(entry).toMatchObject({ conflict, body: { name: 'Eda' } });
    answer = { kind: 'kept', version: 5 };
    await engine.resolve(entry!, { ...entry!.body, name: 'Ida' } as never);
    expect(sent[1]).toMatchObject({ basedOn: 4, body: { name: 'Ida' } });
    expect(sent[1]!.edit).not.toBe(sent[0]!.edit);
    expect(engine.contents()).toEqual([]);
  });
});

describe('what an earlier app left', () => {
  const older = { ...note('a'), pictures: [] };
  const refused = { ...older, id: 'b', refused: 'This id already belongs to another check.' };

  it('is taken over, the refused too, and keeps its edit from one try to the next', async () => {
    const store = memoryStore([
      ['1', older],
      ['2', refused],
      ['3', { nonsense: true }],
    ]);
    const { engine, sent, later } = bench(() => ({ kind: 'unknown' }), store);
    await engine.send();
    await later(10_000);
    expect(sent.map(({ id }) => id)).toEqual(['a', 'a']);
    expect(sent[0]!.edit).toBe(sent[1]!.edit);
    expect(engine.contents()).toMatchObject([
      { id: 'a' },
      { id: 'b', stop: { message: 'This id already belongs to another check.' } },
    ]);
  });

  it('a take from then is an edit of the first version, which is what the studio made of it', async () => {
    const { engine } = bench(
      () => ({ kind: 'unknown' }),
      memoryStore([['1', { ...take('still'), pictures: [], basedOn: undefined }]]),
    );
    await engine.refresh();
    expect(engine.contents()[0]!.basedOn).toBe(1);
  });
});

it('two tabs over one store send everything once', async () => {
  const store = memoryStore();
  const one = bench(() => ({ kind: 'kept' }), store);
  const two = bench((entry) => one.parts.send(entry), store);
  two.parts.alone = one.parts.alone;
  await one.engine.write(note('a'));
  await two.engine.write(note('b'));
  await Promise.all([one.engine.send(), two.engine.send()]);
  expect(one.sent.map(({ id }) => id).sort()).toEqual(['a', 'b']);
});
