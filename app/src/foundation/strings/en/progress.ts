/** Words of what changes over the weeks. */
export const progress = {
  title: 'Over the weeks',
  open: 'Over the weeks',
  term: 'A term on a page',
  failed: 'The weeks could not be loaded.',
  none: 'After the second look, the weeks stand here.',
  /** Looks of which nothing is known yet. */
  untold: (n: number) =>
    n === 1
      ? '1 look is still worked out, and comes in a moment.'
      : `${n} looks are still worked out, and come in a moment.`,
  families: 'The four families',
  familiesHelp:
    'Each dot is one look. Above the line is within what this hold wants; the bar shows how sure we are.',
  family: (family: string) => `${family} over the weeks`,
  openFamily: (family: string) => `Show the checkpoints of ${family.toLowerCase()}`,
  checkpoints: (family: string) => `${family}: its checkpoints`,
  room: (family: string) => `${family}: how far inside`,
  driftHelp:
    'It has left where it was, a little at a time. Look again, and ask what changed: a growth spurt, another bow, tired weeks? A planned change can be noted below.',
  inside: 'inside',
  outside: 'outside',
  columns: { look: 'Look', value: 'Value', narrowest: 'Narrowest', wanted: 'Wanted' },
  moreRows: (n: number) => `Show all ${n} looks`,
  noBand: 'no band',
  notSeen: 'Not measured yet.',
  /** What lessons together say of a family. */
  together: {
    in: 'These lessons together say that it is in.',
    out: 'These lessons together say that it is out.',
    open: 'These lessons together do not tell yet.',
  },
  once: 'Measured once so far.',
  /** In the air and on the string a hold looks different. */
  otherWays: 'Looked at in different ways so far: not compared.',
  onceOnly: (list: string) => `Measured once so far: ${list}.`,
  fromTo: (from: string, to: string) => `${from} → ${to}`,
  real: (since: string, what: string) => `Real change since ${since}: ${what}.`,
  noReal: (since: string) => `No real change since ${since}.`,
  noRealOf: (since: string, what: string, smallest: string) =>
    `No real change since ${since}: ${what}; less than ${smallest} is not told apart from forming the hold afresh.`,
  drifting: (since: string, what?: string) =>
    what === undefined ? `Drifting since ${since}.` : `Drifting since ${since}: ${what}.`,
  trend: (perMonth: string) => `About ${perMonth} in four weeks.`,
  restart: { school: 'new school', bow: 'new bow', size: 'new size', bands: 'new bands' },
  restartWords: {
    school: 'Another school of holding',
    bow: 'Another bow',
    size: 'Another size of bow',
    bands: 'The hold’s bands were changed',
  },
  filter: {
    which: (said: readonly string[]) =>
      said.length === 0 ? 'Every look' : `Only: ${said.join(', ')}`,
    context: 'How the bow was held',
    contexts: { all: 'All', air: 'In the air', string: 'On the string', playing: 'Playing' },
    place: 'Where in the bow',
    places: { all: 'All', heel: 'Heel', middle: 'Middle', point: 'Point' },
    empty: 'No look of this kind is kept.',
  },
  portraits: {
    title: 'Then and now',
    slider: 'Then',
    label: (then: string, now: string) =>
      `The hold of ${now}, with that of ${then} laid over it in dashed lines`,
    legend: (then: string) => `Dashed: ${then}. Drawn: now.`,
    table: 'What changed',
    columns: ['Checkpoint', 'Then', 'Now', 'Change'],
    real: 'real',
    none: 'not real',
  },
  lessons: {
    title: 'Start against end of lessons',
    none: 'No lesson was looked at both at its start and at its end yet.',
    of: (n: number) => (n === 1 ? 'Over one lesson' : `Over ${n} lessons`),
    real: (name: string, by: string) => `${name}: ${by} from start to end, which is real.`,
    notReal: (name: string, by: string) => `${name}: ${by}, no more than chance.`,
    help: 'What tires shows here. Shorter turns and more rests come before any correction.',
  },
  cues: {
    title: 'What was said, and what came of it',
    none: 'Nothing was said and judged yet.',
    worked: (n: number, when: string) =>
      n === 1 ? `worked ${when}` : `worked ${n} times, last ${when}`,
    notYet: (n: number) => (n === 1 ? 'not yet once' : `not yet ${n} times`),
    effect: (sound: string | null, ease: string | null) =>
      [
        ...(sound === null ? [] : [`sound ${sound}`]),
        ...(ease === null ? [] : [`ease ${ease}`]),
      ].join(', '),
  },
  planned: {
    title: 'Planned changes',
    help: 'A change of school, bow or size is a new beginning: what was before is not compared any more, and it is never called drift.',
    line: (what: string, on: string) => `${what}, ${on}`,
    add: 'Note a planned change',
    question: 'What changes?',
    on: 'From which day, such as 2026-11-26',
    word: 'A word about it (optional)',
    keep: 'Keep it',
    cancel: 'Leave it',
    dateWrong: 'A day is needed, such as 2026-11-26.',
  },
};
