import { spawnSync } from 'node:child_process';
import { statfsSync } from 'node:fs';
import { isBuilt, isInstalled, root } from './steps.mjs';

/** Room that is needed where nothing is there yet, where packages are, and to run, MB: 1.1 GB of packages, npm's own store, the build. [measured] */
const ROOM_MB = { toInstall: 2500, toBuild: 500, toRun: 100 };

/** What compiles the database. On Windows it has other names, and npm says what it lacks. */
const TOOLS = { linux: ['python3', 'make', 'g++'], darwin: ['python3', 'make', 'g++'] };

/**
 * Why this machine cannot install, build or run Open Palm, found before anything is downloaded: one sentence, with the command that helps.
 *
 * @param startedBy the command to run again
 * @param machine what is asked of the machine; its own unless a test hands in another
 * @returns null when nothing is in the way
 */
export function obstacle(startedBy, machine = thisMachine()) {
  const { installed, built, freeMb, has, platform } = machine;
  const needed = !installed ? ROOM_MB.toInstall : !built ? ROOM_MB.toBuild : ROOM_MB.toRun;
  if (freeMb < needed) {
    return `The disk with ${root} has ${Math.round(freeMb)} MB free, and Open Palm needs ${needed}: make room, then run "${startedBy}" again.`;
  }
  const missing = installed ? [] : (TOOLS[platform] ?? []).filter((tool) => !has(tool));
  if (missing.length === 0) return null;
  const help =
    platform === 'darwin' ? 'xcode-select --install' : 'sudo apt-get install python3 make g++';
  return `The database is compiled on this machine, and ${missing.join(' and ')} ${missing.length === 1 ? 'is' : 'are'} missing: run "${help}", then "${startedBy}" again.`;
}

function thisMachine() {
  const { bavail, bsize } = statfsSync(root);
  return {
    installed: isInstalled(),
    built: isBuilt(),
    freeMb: (bavail * bsize) / 1e6,
    has: (tool) => spawnSync(tool, ['--version'], { stdio: 'ignore' }).error === undefined,
    platform: process.platform,
  };
}
