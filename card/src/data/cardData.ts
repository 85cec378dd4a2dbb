/** All words of a card, in the student's language; {n} and the like stand for what is put in. */
export interface CardWords {
  title: string;
  until: string;
  dayOf: string;
  restDay: string;
  restHelp: string;
  notYet: string;
  over: string;
  minutes: string;
  dose: string;
  within: string;
  withSteps: string;
  lookFirst: string;
  lookLast: string;
  lookHelp: string;
  wanted: string;
  start: string;
  again: string;
  pause: string;
  goOn: string;
  hold: string;
  rest: string;
  timeIsUp: string;
  count: string;
  counted: string;
  metronome: string;
  metronomeOff: string;
  bpm: string;
  slower: string;
  faster: string;
  wrongTitle: string;
  done: string;
  hard: string;
  hurts: string;
  back: string;
  finish: string;
  feltTitle: string;
  felt: { easy: string; fine: string; tired: string };
  thanks: string;
  daysWithBow: string;
  show: string;
  showHelp: string;
  showNothing: string;
  codeOf: string;
  saveFile: string;
  otherDay: string;
  before: string;
  after: string;
  stopTitle: string;
  stopTell: string;
  stopDoctor: string;
  stopRest: string;
  mistap: string;
  notKept: string;
  noScript: string;
  undo: string;
  parents: string;
  paperTick: string;
  caution: string;
}

/** A drill at the stage that this student does. */
export interface CardDrill {
  name: string;
  /** Three at most. */
  steps: string[];
  /** How it is done wrong. */
  wrong: string;
  /** A key of the figures; null where none is drawn. */
  figure: string | null;
  /** What the stage is called, where there is more than one. */
  stage: string | null;
  /** Where the bow may fall on: said before. */
  soft: string | null;
  /** So many times; null where time counts. */
  count: number | null;
  /** Beats a minute; null for what has none. */
  bpm: number | null;
  /** No longer than this in one go, seconds; null where nothing loads the little finger fully. */
  goSeconds: number | null;
}

export interface CardDose {
  drill: string;
  stage: number;
  turns: number;
  /** 0 for what is done within other playing. */
  minutesATurn: number;
}

export interface CardDay {
  /** 2026-11-26. */
  on: string;
  /** As it is called: Thursday 26 November. */
  called: string;
  /** Short enough for a column on paper. */
  short: string;
  isRest: boolean;
  drills: CardDose[];
  /** What is said of aids on that day: that today is without, or until when. */
  aids: string[];
}

/** A drawing, as SVG without scripts or styles. */
export interface CardFigure {
  viewBox: string;
  body: string;
}

/** All that a card is made of: no surname, no birthday, no photograph. */
export interface CardData {
  v: 1;
  plan: string;
  language: string;
  called: string;
  until: string;
  days: CardDay[];
  /** By drill and stage, as circles/2. */
  drills: Record<string, CardDrill>;
  figures: Record<string, CardFigure>;
  /** The hold that is wanted, from two sides. */
  wanted: string[];
  words: CardWords;
}

/** The key of a drill at its stage. */
export const drillKey = ({ drill, stage }: Pick<CardDose, 'drill' | 'stage'>): string =>
  `${drill}/${stage}`;

/**
 * Words with what stands in braces put in.
 *
 * @example fill('{n} of {of}', { n: 1, of: 3 }) // '1 of 3'
 */
export const fill = (words: string, put: Readonly<Record<string, string | number>>): string =>
  words.replace(/\{(\w+)\}/g, (whole, name: string) => String(put[name] ?? whole));
