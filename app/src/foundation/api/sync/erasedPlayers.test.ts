import { bench } from './testing/engineBench';

describe('a student who was erased in the studio', () => {
  it('goes out of a group and a walk of others, which stay', async () => {
    const { engine } = bench(() => ({ kind: 'unknown' }));
    const [gone, stays] = ['gone', 'stays'];
    const member = { setupId: 'setup', seat: null };
    await engine.write({
      kind: 'group',
      id: 'group',
      studentName: '',
      body: { name: 'Trio', meets: null, layout: 'rows', members: { gone: member, stays: member } },
    });
    const mark = (studentId: string) => ({
      ...{ id: `mark of ${studentId}`, at: '', studentId, setupId: 'setup' },
      kind: 'fine' as const,
    });
    const marks = [mark(gone), mark(stays)];
    await engine.write({
      kind: 'walk',
      id: 'walk',
      studentName: '',
      body: { groupId: 'group', day: '2026-12-02', fromMemory: false, marks },
    });
    await engine.forget((id) => id === gone);
    const [group, walk] = engine.contents();
    expect(group!.body).toMatchObject({ members: { stays: member } });
    expect(walk!.body).toMatchObject({ marks: [marks[1]] });
    expect(JSON.stringify(engine.contents())).not.toContain(gone);
  });
});
