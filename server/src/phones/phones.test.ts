import { mkdtempSync, readdirSync, rmSync, statSync, unlinkSync, writeFileSync } from 'node:fs';
import { get as getPlain } from 'node:http';
import { get } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { X509Certificate } from 'node:crypto';
import { trustWords } from '@open-palm/words/trust';
import { freePort } from '../testing/builtServer';
import { isPrivate, LEAF_DAYS, makeAuthority, makeLeaf, vouchesFor } from './authority';
import { keepAuthority } from './keptAuthority';
import { openPhoneDoor, type PhoneDoor } from './phoneDoor';

const NAME = 'desk.local';
const NOW = new Date();
const DAY_MS = 86_400_000;
const onDay = (days: number) => new Date(NOW.getTime() + days * DAY_MS);

let folder: string;
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'authority-'))));
afterEach(() => rmSync(folder, { recursive: true }));

/** Asks a server on this machine by a name, as whoever trusts the authority; resolves with the reason where it is not trusted. */
const ask = (port: number, host: string, ca: string, path = '/') =>
  new Promise<string>((resolve) => {
    const sent = get(
      {
        host: '127.0.0.1',
        port,
        path,
        servername: /^[\d.]+$/.test(host) ? '' : host,
        headers: { Host: host },
        ca,
        agent: false,
        checkServerIdentity: (_, certificate) =>
          vouchesFor(pemOf(certificate.raw)).includes(host) ? undefined : new Error('other name'),
      },
      (response) => {
        response.resume();
        resolve(String(response.statusCode));
      },
    );
    sent.once('error', (error: NodeJS.ErrnoException) =>
      resolve(error.code === 'UNSPECIFIED' ? error.message : (error.code ?? error.message)),
    );
  });

const pemOf = (raw: Buffer) => new X509Certificate(raw).toString();

async function opened(
  more: { addresses?: () => string[]; now?: () => Date; onMoved?: () => void } = {},
): Promise<{ door: PhoneDoor; port: number; ca: string }> {
  const port = await freePort();
  const door = await openPhoneDoor({
    folder,
    title: 'Open Palm, Lantern Street Strings',
    name: NAME,
    host: '127.0.0.1',
    port,
    trustPort: await freePort(),
    addresses: () => ['192.168.7.20'],
    now: () => NOW,
    onMoved: () => undefined,
    ...more,
  });
  await door.serve((_, response) => response.end('in'));
  const { authority } = await keepAuthority(folder, '', NAME, NOW);
  return { door, port, ca: authority.certificate };
}

it('is trusted by whoever trusts the studio’s authority, by its name and its number, and by nobody else', async () => {
  const { door, port, ca } = await opened();
  expect(await ask(port, NAME, ca)).toBe('200');
  expect(await ask(port, '192.168.7.20', ca)).toBe('200');
  expect(await ask(port, '192.168.7.21', ca)).toBe('other name');
  const { certificate: stranger } = await makeAuthority('Stranger', NAME, NOW);
  expect(await ask(port, NAME, stranger)).toMatch(/SELF_SIGNED|UNABLE_TO_VERIFY|SIGNATURE/);
  await door.close();
});

it('can vouch for the studio’s name and private addresses alone, whoever has its key', async () => {
  const authority = await makeAuthority('Open Palm', NAME, NOW);
  const { createServer } = await import('node:https');
  const answers: string[] = [];
  for (const [name, addresses] of [
    [NAME, ['10.1.2.3']],
    ['bank.example', []],
    [NAME, ['203.0.113.9']],
  ] as const) {
    const leaf = await makeLeaf(authority, name, addresses, NOW);
    const server = createServer({ key: leaf.key, cert: leaf.certificate }, (_, response) =>
      response.end(),
    );
    const port = await freePort();
    await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
    answers.push(await ask(port, name, authority.certificate));
    await new Promise((resolve) => server.close(resolve));
  }
  expect(answers).toEqual(['200', 'permitted subtree violation', 'permitted subtree violation']);
});

it('holds its keys for their owner alone, and makes certificates that browsers take', async () => {
  const { door } = await opened();
  for (const name of readdirSync(folder)) {
    expect([name, (statSync(join(folder, name)).mode & 0o777).toString(8)]).toEqual([name, '600']);
  }
  const { authority, leafFor } = await keepAuthority(folder, '', NAME, NOW);
  const root = new X509Certificate(authority.certificate);
  const leaf = new X509Certificate((await leafFor(NAME, ['192.168.7.20'], NOW)).certificate);
  expect(root.ca).toBe(true);
  expect(leaf.ca).toBe(false);
  expect(leaf.verify(root.publicKey)).toBe(true);
  expect(leaf.subjectAltName).toBe('DNS:desk.local, IP Address:192.168.7.20');
  expect(leaf.publicKey.asymmetricKeyDetails).toEqual({ namedCurve: 'prime256v1' });
  const days = (Date.parse(leaf.validTo) - Date.parse(leaf.validFrom)) / DAY_MS;
  expect(days).toBeLessThanOrEqual(LEAF_DAYS);
  // As Node's own reading of the certificate has it.
  expect(door.standing().fingerprint.replaceAll(' ', '')).toBe(
    root.fingerprint256.replaceAll(':', ''),
  );
  await door.close();
});

it('is the same at the next start, renewed before it ends, and made anew where it was deleted', async () => {
  const at = async (day: number, names = ['192.168.7.20']) => {
    const { authority, leafFor } = await keepAuthority(folder, 'Open Palm', NAME, onDay(day));
    return [authority.certificate, (await leafFor(NAME, names, onDay(day))).certificate];
  };
  const [root, leaf] = await at(0);
  expect(await at(300)).toEqual([root, leaf]);
  const renewed = await at(370);
  expect(renewed[0]).toBe(root);
  expect(renewed[1]).not.toBe(leaf);
  expect((await at(371, ['192.168.7.99']))[1]).not.toBe(renewed[1]);
  unlinkSync(join(folder, 'authority.pem'));
  const anew = await at(372);
  expect(anew[0]).not.toBe(root);
  writeFileSync(join(folder, 'studio.pem'), 'broken off');
  const mended = await at(373);
  expect(mended[0]).toBe(anew[0]);
  expect(vouchesFor(mended[1]!)).toEqual([NAME, '192.168.7.20']);
});

it('goes on under another address of the network, and tells it', async () => {
  let addresses = ['192.168.7.20'];
  const moved = jest.fn();
  const { door, port, ca } = await opened({ addresses: () => addresses, onMoved: moved });
  expect(await ask(port, '10.0.0.5', ca)).toBe('other name');
  addresses = ['10.0.0.5'];
  await door.lookAgain();
  expect(moved).toHaveBeenCalledWith([`https://${NAME}:${port}`, `https://10.0.0.5:${port}`]);
  expect(await ask(port, '10.0.0.5', ca)).toBe('200');
  expect(door.listener.isOurs('10.0.0.5')).toBe(true);
  expect(door.listener.isOurs('192.168.7.20')).toBe(false);
  await door.lookAgain();
  expect(moved).toHaveBeenCalledTimes(1);
  await door.close();
});

describe('the page that hands the certificate out', () => {
  const page = (url: string, path: string) =>
    new Promise<{ status: number; type: string; body: Buffer }>((resolve, reject) => {
      getPlain(url + path, { agent: false }, (response) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.once('end', () =>
          resolve({
            status: response.statusCode!,
            type: String(response.headers['content-type']),
            body: Buffer.concat(parts),
          }),
        );
      }).once('error', reject);
    });

  it('shows how, gives the certificate, and nothing else, for ten minutes', async () => {
    const { door, ca } = await opened();
    expect(door.standing().trustUrl).toBeNull();
    const { trustUrl, trustUntil, fingerprint } = await door.openTrustPage();
    expect(Date.parse(trustUntil!) - NOW.getTime()).toBe(600_000);
    const url = trustUrl!.replace('192.168.7.20', '127.0.0.1');
    const shown = await page(url, '/');
    const html = shown.body.toString();
    expect([shown.status, shown.type]).toEqual([200, 'text/html; charset=utf-8']);
    expect(html).toContain(fingerprint);
    expect(html).toContain('Lantern Street Strings');
    expect(html).toContain(trustWords.systems[1]!.steps[2]!.text.split(',')[0]!.split('“')[0]);
    expect(html).not.toMatch(/<script|onclick|src=/i);
    const given = await page(url, '/open-palm.crt');
    expect(given.type).toBe('application/x-x509-ca-cert');
    expect(pemOf(given.body)).toBe(new X509Certificate(ca).toString());
    for (const path of ['/api/students', '/index.html', '/authority.key', '/../x', '/?x']) {
      expect([path, (await page(url, path)).status]).toEqual([path, 404]);
    }
    await door.close();
    await expect(page(url, '/')).rejects.toMatchObject({ code: 'ECONNREFUSED' });
  });

  it('closes by itself after ten minutes', async () => {
    jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask', 'Date'] });
    try {
      const { door } = await opened();
      const { trustUrl } = await door.openTrustPage();
      const url = trustUrl!.replace('192.168.7.20', '127.0.0.1');
      jest.advanceTimersByTime(599_000);
      expect((await page(url, '/')).status).toBe(200);
      jest.advanceTimersByTime(2_000);
      expect(door.standing()).toMatchObject({ trustUrl: null, trustUntil: null });
      await expect(page(url, '/')).rejects.toMatchObject({ code: 'ECONNREFUSED' });
      await door.close();
    } finally {
      jest.useRealTimers();
    }
  });

  it('notices that a device trusts the studio', async () => {
    const { door, port, ca } = await opened();
    await door.openTrustPage();
    expect(door.standing().wasReached).toBe(false);
    await ask(port, NAME, (await makeAuthority('Stranger', NAME, NOW)).certificate);
    expect(door.standing().wasReached).toBe(false);
    await ask(port, NAME, ca);
    expect(door.standing().wasReached).toBe(true);
    await door.close();
  });
});

it('knows the networks of a house (RFC 1918, RFC 3927)', () => {
  const inside = ['10.0.0.1', '172.16.0.1', '172.31.255.254', '192.168.0.1', '169.254.9.9'];
  const outside = ['11.0.0.1', '172.15.0.1', '172.32.0.1', '192.169.0.1', '8.8.8.8', 'desk.local'];
  expect(inside.map(isPrivate)).toEqual(inside.map(() => true));
  expect(outside.map(isPrivate)).toEqual(outside.map(() => false));
});
