import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { run, say } from './steps.mjs';

/** Any of these will do; the first is there for tests alone and takes a quarter less time. */
const PATHS = process.env.CHROMIUM_PATH
  ? [process.env.CHROMIUM_PATH]
  : ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];
const PACKAGES = ['chromium-headless-shell', 'chromium'];

/** With it a journey's browser is told whom to trust. */
export async function ensureCertutil() {
  const isThere = () => spawnSync('certutil', ['--help'], { stdio: 'ignore' }).error === undefined;
  if (!isThere() && process.getuid?.() === 0) await installPackage('libnss3-tools');
  if (isThere()) return true;
  console.error(
    'The tests of the interface need certutil: run "apt-get install libnss3-tools" as root.',
  );
  return false;
}

/** Makes sure that one of Debian's chromiums is there, by apt-get where that is permitted. */
export async function ensureChromium() {
  if (existsSync(PATHS[0])) return true;
  if (!process.env.CHROMIUM_PATH && process.getuid?.() === 0) {
    say('Installing Debian’s chromium for the tests of the interface …');
    for (const name of PACKAGES) {
      if (PATHS.some(existsSync) && name === 'chromium') break;
      await installPackage(name);
    }
  }
  if (PATHS.some(existsSync)) return true;
  console.error(
    'The tests of the interface need chromium: run "apt-get install chromium" as root, or set CHROMIUM_PATH to a chromium on this machine.',
  );
  return false;
}

async function installPackage(name) {
  const install = () => run('apt-get', ['install', '-y', name], { quiet: true });
  if ((await install()).code === 0) return;
  await run('apt-get', ['update'], { quiet: true });
  await install();
}
