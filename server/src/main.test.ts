import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildServer, freePort, isGone, isReady, spawnServer } from './testing/builtServer';

let main: string;
beforeAll(() => (main = buildServer('main-test')));

const freshDir = () => mkdtempSync(join(tmpdir(), 'main-'));

describe('the server as a program', () => {
  it('says clearly that its port is taken, and leaves', async () => {
    const port = await freePort();
    const first = spawnServer(main, freshDir(), port);
    await isReady(first);
    const second = spawnServer(main, freshDir(), port);
    let said = '';
    second.stderr!.on('data', (text) => (said += text));
    await isGone(second);
    expect(second.exitCode).toBe(1);
    expect(said).toBe(
      `Port ${port} of 127.0.0.1 is taken by another program. Stop it, or choose another: PORT=${port + 1} npm run demo\n`,
    );
    first.kill('SIGINT');
    await isGone(first);
  });

  it.each(['SIGINT', 'SIGTERM'] as const)('stops cleanly on %s', async (signal) => {
    const child = spawnServer(main, freshDir(), await freePort());
    let said = '';
    child.stdout!.on('data', (text) => (said += text));
    await isReady(child);
    child.kill(signal);
    await isGone(child);
    expect(child.exitCode).toBe(0);
    expect(said).toMatch(/Open Palm has stopped\.\n$/);
  });
});
