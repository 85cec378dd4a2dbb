import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { rect, SECOND, svg, TEAL, text, INK, line } from './drawing';

/** The scripts and the tests of the project run in its own folder. */
const ROOT = process.cwd();

/** The floors of the house from the roof down, with what each is for. */
const FLOORS: readonly { folder: string; what: string }[] = [
  { folder: 'e2e', what: 'browser journeys: knows no package’s inside' },
  { folder: 'app/app', what: 'routes: parse the address, show a screen' },
  { folder: 'app/src/features', what: 'one folder a family of screens; none imports another' },
  { folder: 'app/src/assessment', what: 'what several screens say of a hand' },
  { folder: 'app/src/drawing', what: 'hands, bows and pictures, drawn and marked' },
  { folder: 'app/src/foundation', what: 'words, kit, charts, the way to the studio, workers' },
  { folder: 'server/src', what: 'Koa and SQLite; SQL in repo.ts only' },
  { folder: 'studio-demo', what: 'the invented studio and its rendered hands' },
  { folder: 'card', what: 'the practice card: a page with a program of its own' },
  { folder: 'op', what: 'the command line' },
  { folder: 'words', what: 'what is wrong, as sentences for studio, app and command line' },
  { folder: 'records', what: 'rules over stored records, pure' },
  { folder: 'vision', what: 'a picture to hand points, over an injected runner' },
  { folder: 'contract', what: 'schemas of what crosses HTTP or a file' },
  { folder: 'core', what: 'pure computation: no clock, no I/O, no interface' },
];

const SKIPPED = ['node_modules', 'dist', 'data', 'testing', 'archive'];

const foldersIn = (folder: string): string[] =>
  readdirSync(join(ROOT, folder))
    .filter((name) => !SKIPPED.includes(name) && !name.startsWith('.') && !name.startsWith('('))
    .filter((name) => statSync(join(ROOT, folder, name)).isDirectory())
    .sort();

function sourcesIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const at = join(folder, name);
    if (statSync(at).isDirectory()) {
      return ['node_modules', 'dist', 'testing', 'bench'].includes(name) ? [] : sourcesIn(at);
    }
    return /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name) ? [at] : [];
  });
}

const floorOf = (path: string): string | null =>
  FLOORS.find(({ folder }) => path === folder || path.startsWith(`${folder}/`))?.folder ?? null;

const IMPORT = /(?:from|import\()\s*'([^']+)'/g;

/** Which floors a floor really imports from, as its files say today. */
export function usedBy(folder: string): string[] {
  const used = new Set<string>();
  for (const file of sourcesIn(join(ROOT, folder))) {
    for (const [, specifier] of readFileSync(file, 'utf8').matchAll(IMPORT)) {
      const path = specifier!.startsWith('.')
        ? relative(ROOT, resolve(dirname(file), specifier!))
        : specifier!.startsWith('@open-palm/')
          ? specifier!.slice('@open-palm/'.length)
          : null;
      const floor = path === null ? null : floorOf(path);
      if (floor !== null && floor !== folder) used.add(floor);
    }
  }
  return FLOORS.map((floor) => floor.folder).filter((name) => used.has(name));
}

const WIDTH = 900;
const HIGH = 58;
/** Letters of a line of rooms that fit beside each other. */
const LETTERS = 82;
const LONG = 60;

/** Names in lines that fit. */
function inLines(names: readonly string[]): string[] {
  const lines: string[] = [];
  for (const name of names) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + name.length + 3 <= LETTERS) {
      lines[lines.length - 1] = `${last} · ${name}`;
    } else lines.push(name);
  }
  return lines;
}

/** The house as it stands: every floor with its rooms, and what it uses of those below. */
function house(): string {
  let y = 8;
  const drawn = FLOORS.map(({ folder, what }) => {
    const rooms = inLines(folder === 'app/app' ? [] : foldersIn(folder));
    const uses = usedBy(folder).map((name) => name.replace('app/src/', '').replace('/src', ''));
    // A long row of what is used stands below the rooms, not among them.
    const below = rooms.length > 1 && uses.join(' · ').length > LONG ? 14 : 0;
    const high = HIGH + Math.max(0, rooms.length - 1) * 16 + below;
    const shapes = [
      rect(8, y, WIDTH - 16, high - 6, '#F2EADA'),
      line({ x: 8, y }, { x: 8, y: y + high - 6 }, TEAL, 4),
      text({ x: 20, y: y + 19 }, `${folder}/`, INK),
      text({ x: 190, y: y + 19 }, what, INK),
      ...rooms.map((row, i) => text({ x: 190, y: y + 36 + 16 * i }, row, SECOND)),
      text({ x: WIDTH - 20, y: y + 19 }, uses.length === 0 ? 'uses nothing' : 'uses', TEAL, 'end'),
      ...(uses.length === 0
        ? []
        : [text({ x: WIDTH - 20, y: y + high - 14 }, uses.join(' · '), TEAL, 'end')]),
    ].join('');
    y += high;
    return shapes;
  });
  return svg(
    WIDTH,
    y + 8,
    'The house: what is above may use what is below, never the other way',
    ...drawn,
  );
}

export const houseFigures = { house: house() };
