import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { obstacle } from './obstacle.mjs';

const ready = {
  installed: false,
  built: false,
  freeMb: 9000,
  has: (tool: string) => tool !== '',
  platform: 'linux' as NodeJS.Platform,
};

describe('what is in the way of installing, told before anything is downloaded', () => {
  it('is nothing on a machine that has room and tools', () => {
    expect(obstacle('npm start', ready)).toBeNull();
  });

  it('is a missing compiler, with the command that brings it', () => {
    const without = { ...ready, has: (tool: string) => tool === 'python3' };
    expect(obstacle('npm start', without)).toBe(
      'The database is compiled on this machine, and make and g++ are missing: run "sudo apt-get install python3 make g++", then "npm start" again.',
    );
    expect(obstacle('npm run demo', { ...without, platform: 'darwin' })).toContain(
      'run "xcode-select --install", then "npm run demo" again',
    );
    // Elsewhere they have other names.
    expect(obstacle('npm start', { ...without, platform: 'win32' })).toBeNull();
    // What is compiled already needs no compiler.
    expect(obstacle('npm start', { ...without, installed: true })).toBeNull();
  });

  it('is a disk without room, by what is still to be done', () => {
    const full = { ...ready, freeMb: 400 };
    expect(obstacle('npm start', full)).toContain('has 400 MB free, and Open Palm needs 2500');
    expect(obstacle('npm start', { ...full, installed: true })).toContain('needs 500');
    expect(obstacle('npm start', { ...full, installed: true, built: true })).toBeNull();
  });
});

it('an old Node is told so by a file that every Node can read', () => {
  const file = join(__dirname, 'nodeVersion.cjs');
  const as = (version: string) =>
    spawnSync(
      process.execPath,
      [
        '-e',
        `Object.defineProperty(process.versions, 'node', { value: '${version}' }); require(${JSON.stringify(file)})`,
      ],
      { encoding: 'utf8' },
    );
  expect(as('20.19.0').status).toBe(0);
  expect(as('22.1.0').status).toBe(0);
  expect(as('20.18.3')).toMatchObject({
    status: 1,
    stderr:
      "Open Palm needs Node 20.19 or newer, and this is 20.18.3: install a newer one (nvm install 22, or your system's package), then run the command again.\n",
  });
  expect(as('8.0.0').status).toBe(1);
});
