import type { PortraitView } from '@open-palm/core/portrait/views';
import type { SkinTone } from '@open-palm/contract';
import type { Side } from '@open-palm/core/measure';
import type { Level } from '@open-palm/core/practice';
import * as buildingWords from './en/building';
import * as reportWords from './en/report';
import * as findingWords from './en/finding';
import * as fittingWords from './en/fitting';
import * as holdWords from './en/holds';
import * as adviceWords from './en/advice';
import * as drillWords from './en/drills';
import * as practiceWords from './en/practice';
import * as lessonWords from './en/lesson';
import * as forceWords from './en/forces';
import * as lookWords from './en/look';
import * as measureWords from './en/measures';
import * as testingWords from './en/testing';
import * as todayWords from './en/today';

const sides: Record<Side, string> = { right: 'Right hand', left: 'Left hand' };
const levels: Record<Level, string> = {
  beginner: 'Beginner',
  intermediate: 'Intermediate',
  advanced: 'Advanced',
};
const skinTones: Record<SkinTone, string> = {
  clay: 'Tone 3',
  sand: 'Tone 1',
  amber: 'Tone 2',
  umber: 'Tone 4',
  ebony: 'Tone 5',
};

/** Every sentence a person reads, in English. Another language is another object of this shape. */
export const en = {
  app: 'Open Palm',
  nav: {
    today: 'Today',
    students: 'Students',
    groups: 'Groups',
    holds: 'Holds',
    back: 'Back',
    toStudent: 'Back to the student',
    balance: 'The bow as a lever',
    stroke: 'Wrist over a stroke',
  },
  loading: {
    busy: 'Loading',
    failed: 'This could not be loaded',
    retry: 'Try again',
    unreachable: 'The studio does not answer. Is it running, and is this device connected?',
    unreadable: 'The studio answered in a way this page does not understand. Load the page again.',
  },
  notFound: {
    title: 'Nothing is kept here',
    text: 'This address leads nowhere. The student or the check may have been removed.',
    home: 'Go to Today',
  },
  students: {
    title: 'Students',
    add: 'Add a student',
    studio: 'Studio',
    empty: 'No students yet.',
    choose: 'Choose a student to see the hand file.',
    line: (instrument: string, hold: string) => `${instrument} · ${hold}`,
  },
  student: {
    addTitle: 'A new student',
    editTitle: (name: string) => `About ${name}`,
    name: 'Name',
    birthYear: 'Year of birth (optional)',
    instrument: 'Instrument',
    hold: 'Hold',
    side: 'Which hand holds the bow?',
    skinTone: 'Tone of the drawn hand',
    level: 'How far along?',
    middleFinger: (unit: string) => `Length of the middle finger, ${unit}`,
    middleFingerHelp:
      'From the knuckle to the tip. Bands in mm go with it; left empty, the size of the bow stands in.',
    setup: (n: number, instrument: string) => `Instrument ${n}: ${instrument}`,
    bowSize: 'Size of the bow',
    addSetup: 'Add another instrument',
    removeSetup: 'Remove this instrument',
    schools: 'Where schools differ',
    noSchools: 'Hide where schools differ',
    frog: (unit: string) => `Length of the frog, ${unit}`,
    frogHelp:
      'Measure from the front edge to the back. Left empty, an estimate is used and the doubt grows.',
    save: 'Save',
    notANumber: 'a number is needed here',
    incomplete: 'This cannot be kept yet: see the marked lines.',
  },
  handFile: {
    age: (years: number) => `${years} years`,
    bow: (size: string) => `${size} bow`,
    instrument: 'Instrument',
    byTap: 'By tap',
    lookedAt: (ago: string) => `looked at ${ago}`,
    neverLooked: 'not looked at yet',
    history: 'Looks',
    noHistory: 'No look yet. One picture of the bow hand is enough to begin.',
    olderLooks: (n: number) => (n === 1 ? 'Show one older look' : `Show ${n} older looks`),
    change: 'Latest against the look before',
    realChange: 'real change',
    noRealChange: 'no real change',
    nothingChanged: 'Nothing really changed between the last two looks.',
    showSame: (n: number) => (n === 1 ? 'Show the one that stayed' : `Show the ${n} that stayed`),
    hideSame: 'Hide what stayed',
    noChange:
      'Nothing was measured twice yet. After a second look from the same side, the change stands here.',
    now: 'Now',
    before: 'Before',
    look: 'Look at the hold',
    edit: 'Edit',
    tools: 'Tools',
    closeTools: 'Close',
    keys: {
      told: 'Keys: L looks at the hold, T opens the tools, 1 to 4 the sections.',
      off: 'Single letters do nothing here.',
      turnOff: 'Turn keys off',
      turnOn: 'Turn keys on',
    },
    relaxedHand: 'The hand at rest',
    seeDrift: (drift: string) => `${drift}. See the weeks`,
    sections: {
      label: 'What the hand file tells',
      now: 'Now',
      weeks: 'Weeks',
      agreed: 'Agreed',
      looks: 'Looks',
      withOpen: (name: string, n: number) => `${name}: ${n} open`,
    },
    portrait: (name: string) => `How ${name} holds the bow, drawn from the last measures`,
    openCheck: (date: string) => `Open the look of ${date}`,
    inPassing: (names: string) => `Last seen in the row, in passing and with more doubt: ${names}.`,
    lastInPassing: 'Last seen in the row: a glance.',
    drawnFrom: 'Drawn from the latest looks. Dashed or dotted: not seen, as the hold wants it.',
    empty: 'Dashed: not seen yet. The drawing fills as you look.',
  },
  holdsScreen: {
    title: 'Holds',
    first: 'This hold',
    second: 'beside this one',
    portrait: (name: string) => `${name}: the hold as it is wanted`,
    differs: 'they differ',
    copy: 'Copy',
    change: 'Change',
    version: (n: number) => `your own, version ${n}`,
    bands: 'What they want',
    schools: 'Where schools differ',
    schoolsHint: 'The answer is chosen for each student, and shifts the bands.',
    building: 'How it is built',
    alsoTests: 'Tests that suit it',
    cautions: 'Take care',

    noBand: 'no band',
    alongBow: 'changes along the bow',
    standing: { practice: 'common practice', memory: 'estimate', own: 'your own eye' },
    standings:
      'Common practice: usual among teachers, no single source. Estimate: recalled, not looked up; narrow it to your own eye. A named book stands beside what rests on it.',
  },
  editHold: {
    copyTitle: 'Your own hold',
    changeTitle: 'Change your hold',
    from: (name: string) => `From ${name}`,
    copyOf: (name: string) => `My ${name}`,
    name: 'What do you call it?',
    nameNeeded: 'A name is needed.',
    family: 'Which part?',
    checkpoint: 'Which checkpoint?',
    where: 'Where in the bow?',
    bandPlaces: {
      everywhere: 'everywhere',
      inTheAir: 'in the air',
      playing: 'while playing',
      heel: 'at the heel',
      middle: 'at the middle',
      point: 'at the point',
    },
    noBand: 'No band: shown without a verdict.',
    asEverywhere: 'As everywhere else.',
    setBand: 'Set a band here',
    removeBand: 'Take the band away',
    ends: {
      lo: (sign: string) => `from${sign && `, in${sign === '°' ? ' °' : sign}`}`,
      hi: (sign: string) => `to${sign && `, in${sign === '°' ? ' °' : sign}`}`,
    },
    openEnd: 'Drag the ends on the drawing, or type. An empty end is open.',
    notANumber: 'A number is needed here.',
    bothOpen: 'A band needs at least one end.',
    save: 'Keep this hold',
    keepsVerdicts:
      'Looks that were judged before keep their verdicts; the new bands count from the next look on.',
    newBands: {
      title: 'The hold you copied has new bands',
      help: 'Choose what your copy takes over. What you have moved yourself is left as it is unless you choose it.',
      which: 'New in it',
      moved: (name: string) => `${name} (you moved it)`,
      take: (n: number) =>
        n === 0 ? 'Leave all as it is' : n === 1 ? 'Take over 1 band' : `Take over ${n} bands`,
    },
  },
  verdicts: {
    in: 'good',
    unsure: 'unsure',
    none: 'no verdict',
    low: 'too low',
    high: 'too high',
  },
  standings: {
    in: 'good',
    unsure: 'unsure',
    out: 'to work on',
    none: 'no verdict',
    notSeen: 'not seen',
  },
  cautions: {
    pain: holdWords.holdCautions.pain!,
    consent: holdWords.holdCautions.children!,
    teacher: holdWords.holdCautions.teacher!,
  },
  portrait: {
    thumb: 'T',
    views: {
      fingerSide: 'Fingers’ side',
      thumbSide: 'Thumb’s side',
      playerEye: 'Player’s eye',
      downStick: 'Down the stick',
      profile: 'From behind',
    },
    underViews: { downStick: 'From the tip' } as Partial<Record<PortraitView, string>>,
    showWanted: 'Show the hand that the hold wants',
    hideWanted: 'Hide the hand that the hold wants',
    placeOf: (digit: string) => `place of the ${digit}`,
    drawnAs: (what: string, measured: string, drawn: string) =>
      `${what} ${measured}, drawn ${drawn}`,
    fighting: (list: string) =>
      `These do not go together in one hand; drawn as near as it goes: ${list}.`,
    turn: (now: string, next: string) => `${now}: turn to ${next.toLowerCase()}`,
  },
  ago: {
    today: 'today',
    yesterday: 'yesterday',
    days: (n: number) => `${n} days ago`,
    weeks: (n: number) => `${n} weeks ago`,
    months: (n: number) => `${n} months ago`,
  },
  ...measureWords,
  ...forceWords,
  ...lookWords,
  ...findingWords,
  ...fittingWords,
  ...holdWords,
  ...adviceWords,
  ...drillWords,
  ...practiceWords,
  ...lessonWords,
  ...testingWords,
  ...buildingWords,
  ...reportWords,
  ...todayWords,
  sides,
  skinTones,
  levels,
  openEnd: { atLeast: (v: string) => `at least ${v}`, atMost: (v: string) => `at most ${v}` },
  or: ' or ',
  and: ' and ',
};

export type Strings = typeof en;
