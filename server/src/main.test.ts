import { existsSync, mkdirSync, mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  buildServer,
  firstRunCodeIn,
  freePort,
  isGone,
  isReady,
  spawnServer,
} from './testing/builtServer';
import { beginStudio, testBrowser } from './testing/testBrowser';

// Programs start beside other tests.
jest.setTimeout(30_000);

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

  it.each([
    [
      'a port that is none',
      { PORT: '80x' },
      '“80x” is no port: a number from 1 to 65535 is needed',
    ],
    ['a file for a folder', { DATA_DIR: __filename }, 'a file stands where its folder should be.'],
  ])('says in a sentence that it was given %s', async (_, env, sentence) => {
    const child = spawnServer(main, freshDir(), await freePort(), [], env);
    let said = '';
    child.stderr!.on('data', (text) => (said += text));
    await isGone(child);
    expect(child.exitCode).toBe(1);
    expect(said).toContain(sentence);
    expect(said).not.toMatch(/^ +at /m);
  });

  it('says what to do when the list of what was erased cannot be read, and opens nothing without it', async () => {
    const folder = freshDir();
    writeFileSync(join(folder, 'erased.json'), '{"format":');
    const child = spawnServer(main, folder, await freePort());
    let said = '';
    child.stderr!.on('data', (text) => (said += text));
    await isGone(child);
    expect(child.exitCode).toBe(1);
    expect(said).toMatch(/^The list of what was erased \(.*erased\.json\) cannot be read/);
    expect(said).not.toMatch(/^ +at /m);
    expect(existsSync(join(folder, 'studio.sqlite'))).toBe(false);
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

  it('does not touch a folder that another server has, and leaves with words', async () => {
    const folder = freshDir();
    const first = spawnServer(main, folder, await freePort());
    await isReady(first);
    const picture = join(folder, 'pictures', 'acknowledged-by-the-first.jpg');
    writeFileSync(picture, 'a photograph');
    const second = spawnServer(main, folder, await freePort());
    let said = '';
    second.stderr!.on('data', (text) => (said += text));
    await isGone(second);
    expect(second.exitCode).toBe(1);
    expect(said).toContain('Another Open Palm is already using the studio in');
    expect(existsSync(picture)).toBe(true);
    // However the first one ends, the folder is free again.
    first.kill('SIGKILL');
    await isGone(first);
    const third = spawnServer(main, folder, await freePort());
    await isReady(third);
    third.kill('SIGTERM');
    await isGone(third);
  });

  it('deletes no photograph when its database is missing, and tells where it put them', async () => {
    const folder = freshDir();
    mkdirSync(join(folder, 'pictures'), { mode: 0o755 });
    writeFileSync(join(folder, 'pictures', 'child.jpg'), 'a photograph', { mode: 0o644 });
    const child = spawnServer(main, folder, await freePort());
    let said = '';
    child.stdout!.on('data', (text) => (said += text));
    await isReady(child);
    child.kill('SIGTERM');
    await isGone(child);
    const aside = /were set aside in (.*)\.\n/.exec(said)![1]!;
    expect(readFileSync(join(aside, 'child.jpg'), 'utf8')).toBe('a photograph');
    // Nobody else on this machine can read any of it.
    const modes = (path: string) => statSync(path).mode & 0o777;
    expect([folder, join(folder, 'pictures'), aside].map(modes)).toEqual([0o700, 0o700, 0o700]);
    expect(['studio.sqlite', 'lock.sqlite'].map((name) => modes(join(folder, name)))).toEqual([
      0o600, 0o600,
    ]);
    expect(modes(join(aside, 'child.jpg'))).toBe(0o600);
  });

  it('reads no head of a request that is longer than any of its own', async () => {
    const port = await freePort();
    const child = spawnServer(main, freshDir(), port);
    await isReady(child);
    const status = async (bytes: number) =>
      (
        await fetch(`http://127.0.0.1:${port}/api/access`, {
          headers: { Cookie: `a=${'b'.repeat(bytes)}` },
        })
      ).status;
    expect(await status(4_000)).toBe(200);
    expect(await status(20_000)).toBe(431);
    child.kill('SIGTERM');
    await isGone(child);
  });

  it('gives whoever lost the passphrase a link, beside a running studio', async () => {
    const folder = freshDir();
    const passphrase = (...names: string[]) => {
      const child = spawnServer(join(main, '../passphrase.mjs'), folder, port, names);
      let said = '';
      child.stdout!.on('data', (text) => (said += text));
      child.stderr!.on('data', (text) => (said += text));
      return isGone(child).then(() => said);
    };
    const port = await freePort();
    expect(await passphrase()).toContain('There is no studio of your own in');
    const running = spawnServer(main, folder, port);
    const url = `http://127.0.0.1:${port}`;
    const owner = await beginStudio(url, firstRunCodeIn(await isReady(running)));
    expect(await passphrase('Nobody Here')).toContain('npm run passphrase -- "Maren Solveig"');
    const [, first] = /welcome#(\S+)/.exec(await passphrase())!;
    const [, code] = /welcome#(\S+)/.exec(await passphrase('Maren Solveig'))!;
    const other = testBrowser(url);
    const renew = (by: string | undefined) =>
      other.post('/api/access/renew', { code: by, passphrase: 'a brass bell at sea' });
    expect((await renew(first)).body).toMatchObject({ error: { code: 'codeUsed' } });
    expect((await renew(code)).body).toMatchObject({ standing: 'in', me: { role: 'owner' } });
    // Whoever was signed in with the lost one is not any more.
    expect((await owner.get('/api/access')).body).toMatchObject({ standing: 'out' });
    running.kill('SIGTERM');
    await isGone(running);
  });

  it('works everything out anew on demand, but not beside a running studio', async () => {
    const folder = freshDir();
    const running = spawnServer(main, folder, await freePort());
    await isReady(running);
    const rederive = () => {
      const child = spawnServer(join(main, '../rederive.mjs'), folder, 0);
      let said = '';
      child.stdout!.on('data', (text) => (said += text));
      child.stderr!.on('data', (text) => (said += text));
      return isGone(child).then(() => said);
    };
    expect(await rederive()).toContain('already using the studio');
    running.kill('SIGTERM');
    await isGone(running);
    expect(await rederive()).toMatch(/^0 looks were worked out anew in .* s; 0 could not be\.\n$/);
  });
});
