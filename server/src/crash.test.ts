import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { v7 as uuidv7 } from 'uuid';
import { buildServer, freePort, isGone, isReady, spawnServer } from './testing/builtServer';
import { exampleCheck, examplePicture, freshStudent } from './testing/examples';

let main: string;
beforeAll(() => (main = buildServer('crash-test')));

async function start(dataDir: string) {
  const port = await freePort();
  const child = spawnServer(main, dataDir, port);
  await isReady(child);
  return { child, url: `http://127.0.0.1:${port}` };
}

describe('kill -9 during saves', () => {
  it('leaves every check whole or absent, and every acknowledged one there', async () => {
    const dataDir = mkdtempSync(join(tmpdir(), 'crash-'));
    const acknowledged = new Set<string>();
    const sent = new Map<string, string>();
    let studentId = '';
    let pictureId = '';
    const student = freshStudent();
    const setupId = student.setups[0]!.id;
    for (const killAfter of [1, 5, 10]) {
      const { child, url } = await start(dataDir);
      const put = (path: string, body: BodyInit, type: string) =>
        fetch(url + path, { method: 'PUT', body, headers: { 'Content-Type': type } });
      if (!studentId) {
        [studentId, pictureId] = [uuidv7(), uuidv7()];
        await put(`/api/students/${studentId}`, JSON.stringify(student), 'application/json');
        const picture = (await examplePicture()) as unknown as BodyInit;
        await put(`/api/pictures/${pictureId}`, picture, 'image/jpeg');
      }
      let answered = 0;
      // Many saves at once, so that the kill falls into the middle of some of them.
      const saves = Array.from({ length: 24 }, async () => {
        const id = uuidv7();
        const body = JSON.stringify(exampleCheck({ studentId, setupId, pictureId }));
        sent.set(id, body);
        const response = await put(`/api/checks/${id}`, body, 'application/json').catch(() => null);
        if (!response?.ok) return;
        acknowledged.add(id);
        answered += 1;
        if (answered === killAfter) child.kill('SIGKILL');
      });
      await Promise.all([...saves, isGone(child)]);
    }
    const db = new Database(join(dataDir, 'studio.sqlite'));
    const kept = db
      .prepare(
        `select id, (select count(*) from captures where check_id = checks.id) as captures,
           (select count(*) from measures where check_id = checks.id) as measures from checks`,
      )
      .all() as { id: string; captures: number; measures: number }[];
    expect(db.pragma('integrity_check', { simple: true })).toBe('ok');
    db.close();
    const whole = new Set(kept.map((row) => row.id));
    for (const id of acknowledged) expect(whole).toContain(id);
    for (const { captures, measures } of kept) expect([captures, measures]).toEqual([1, 11]);
    expect(whole.size).toBeLessThan(sent.size);

    // After the restart the same writes, repeated, end in exactly one of each.
    const { child, url } = await start(dataDir);
    for (const [id, body] of sent) {
      const response = await fetch(`${url}/api/checks/${id}`, {
        method: 'PUT',
        body,
        headers: { 'Content-Type': 'application/json' },
      });
      expect(response.status).toBe(200);
    }
    const handFile = await (await fetch(`${url}/api/students/${studentId}`)).json();
    expect(handFile.history).toHaveLength(sent.size);
    child.kill('SIGINT');
    await isGone(child);
    expect(child.exitCode).toBe(0);
  }, 60_000);
});
