import { existsSync } from 'node:fs';
import { run, say } from './steps.mjs';

const PATH = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

/** Makes sure that Debian's chromium is there, by apt-get where that is permitted. */
export async function ensureChromium() {
  if (existsSync(PATH)) return true;
  const isRoot = process.getuid?.() === 0;
  if (isRoot) {
    say('Installing Debian’s chromium for the tests of the interface …');
    const install = () => run('apt-get', ['install', '-y', 'chromium'], { quiet: true });
    let { code } = await install();
    if (code !== 0) {
      await run('apt-get', ['update'], { quiet: true });
      ({ code } = await install());
    }
    if (code === 0 && existsSync(PATH)) return true;
  }
  console.error(
    'The tests of the interface need chromium: run "apt-get install chromium" as root, or set CHROMIUM_PATH to a chromium on this machine.',
  );
  return false;
}
