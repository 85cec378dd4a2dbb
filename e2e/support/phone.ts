import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type BrowserContext } from '@playwright/test';
import { asUsedBefore, withoutFinder } from './device';
import { CHROMIUM, CHROMIUM_FLAGS, PHONES_AT } from './studio';

/**
 * A phone: a browser with a home and a profile of its own, which finds the studio by its name in the network.
 *
 * @param trusts the certificate of an authority that it was told to trust, DER
 * @param film what its camera sees
 */
export async function openPhone({
  trusts,
  film,
}: {
  trusts: Buffer | null;
  film?: string;
}): Promise<BrowserContext> {
  const home = mkdtempSync(join(tmpdir(), 'open-palm-phone-'));
  const database = `sql:${join(home, '.pki/nssdb')}`;
  mkdirSync(join(home, '.pki/nssdb'), { recursive: true });
  execFileSync('certutil', ['-d', database, '-N', '--empty-password']);
  if (trusts) {
    const file = join(home, 'authority.crt');
    writeFileSync(file, trusts);
    execFileSync('certutil', ['-d', database, '-A', '-t', 'C,,', '-n', 'studio', '-i', file]);
  }
  const context = await chromium.launchPersistentContext(join(home, 'profile'), {
    executablePath: CHROMIUM,
    env: { ...process.env, HOME: home },
    args: [
      ...CHROMIUM_FLAGS,
      `--host-resolver-rules=MAP ${PHONES_AT.name} ${PHONES_AT.host}`,
      ...(film === undefined
        ? []
        : [
            '--use-fake-ui-for-media-stream',
            '--use-fake-device-for-media-stream',
            `--use-file-for-fake-video-capture=${film}`,
          ]),
    ],
    viewport: { width: 390, height: 844 },
    reducedMotion: 'reduce',
    serviceWorkers: 'allow',
    ...(film === undefined ? {} : { permissions: ['camera'] }),
  });
  await asUsedBefore(context);
  await withoutFinder(context);
  return context;
}
