import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The steps that the project's commands share. Only Node itself is used: nothing may be installed yet. */
export const root = fileURLToPath(new URL('..', import.meta.url));

/** A progress line. */
export const say = (line) => console.log(`▸ ${line}`);

/**
 * Runs a program from the project's folder.
 *
 * @returns its exit code and all that it wrote, when `quiet`
 */
export function run(command, args, { quiet = false, env = {} } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : 'inherit',
    });
    let output = '';
    child.stdout?.on('data', (text) => (output += text));
    child.stderr?.on('data', (text) => (output += text));
    child.once('error', reject);
    child.once('exit', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Runs a step of which only a failure is interesting. */
export async function step(title, command, args, options = {}) {
  const started = Date.now();
  say(`${title} …`);
  const { code, output } = await run(command, args, { quiet: true, ...options });
  if (code !== 0) {
    console.error(output);
    throw new StepFailed(`${title} failed.`);
  }
  say(`${title}: done in ${((Date.now() - started) / 1000).toFixed(0)} s`);
  return output;
}

export class StepFailed extends Error {}

const stampOfPackages = join(root, 'node_modules/.open-palm-installed');

/** Whether the packages are those of the lock file. */
export function isInstalled() {
  return existsSync(stampOfPackages) && readFileSync(stampOfPackages, 'utf8') === lockHash();
}

const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');

/** Installs what the lock file names, unless that is what is there. */
export async function installIfNeeded() {
  if (isInstalled()) return;
  await downloadPackages();
  await compilePackages();
}

/**
 * The same in two parts: the packages, and what has to be compiled here (the database), which keeps one core busy for two
 * minutes while the other can do something else.
 *
 * @returns what is still to be waited for
 */
export async function installWithoutWaiting() {
  if (isInstalled()) return { compiled: Promise.resolve() };
  await downloadPackages();
  const compiled = compilePackages();
  // Awaited later: until then a failure is nobody's yet.
  compiled.catch(() => undefined);
  return { compiled };
}

const downloadPackages = () =>
  step('Installing packages (a minute or two the first time)', 'npm', [
    'ci',
    '--ignore-scripts',
    '--no-audit',
    '--no-fund',
  ]);

async function compilePackages() {
  await step('Compiling the database (two minutes the first time)', 'npm', [
    'rebuild',
    'better-sqlite3',
  ]);
  writeFileSync(stampOfPackages, lockHash());
}

const SOURCES = [
  'app',
  'core',
  'contract',
  'records',
  'words',
  'vision',
  'server',
  'card',
  'studio-demo',
  'scripts',
];
const NOT_SOURCES = new Set(['node_modules', 'dist', '.expo', 'pictures', 'render']);

function sourceFiles(folder) {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    if (NOT_SOURCES.has(entry.name)) return [];
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sourceFiles(path);
    return /\.test\.tsx?$/.test(entry.name) ? [] : [path];
  });
}

/** A fingerprint of everything that the built app and server are made from. */
function fingerprint() {
  const hash = createHash('sha256');
  for (const path of [...SOURCES.flatMap(sourceFiles), 'package-lock.json'].sort()) {
    const full = join(root, path);
    if (statSync(full).isFile()) hash.update(path).update(readFileSync(full));
  }
  return hash.digest('hex');
}

const stampOfBuild = join(root, 'server/dist/.built-from');

/** How a build is called: app and server tell each other by it whether they are of one. */
const buildOf = (sources) => sources.slice(0, 12);

/** The name of the build that is there. */
export const builtName = () =>
  existsSync(stampOfBuild) ? buildOf(readFileSync(stampOfBuild, 'utf8')) : 'unbuilt';

/** Whether app and server were built, of whatever sources. */
export const isBuilt = () =>
  existsSync(join(root, 'app/dist/index.html')) && existsSync(stampOfBuild);

/** Builds app and server, unless the sources are those of the last build. */
export async function buildIfNeeded() {
  const wanted = fingerprint();
  if (isBuilt() && readFileSync(stampOfBuild, 'utf8') === wanted) return;
  await step(
    'Building the app (about two minutes the first time)',
    'npm',
    ['run', '-s', 'build', '-w', 'app'],
    {
      env: {
        EXPO_OFFLINE: '1',
        EXPO_NO_TELEMETRY: '1',
        CI: '1',
        OPEN_PALM_BUILD: buildOf(wanted),
      },
    },
  );
  await step('Building the server', process.execPath, ['scripts/buildServer.mjs']);
  mkdirSync(join(root, 'server/dist'), { recursive: true });
  writeFileSync(stampOfBuild, wanted);
}
