import type { SkinTone } from '@open-palm/contract';
import type { Instrument } from '@open-palm/core/holds';
import type {
  PointName,
  Context,
  Family,
  MeasureId,
  Side,
  Unit,
  View,
} from '@open-palm/core/measure';

const points: Record<PointName, string> = {
  wrist: 'Wrist',
  thumbCmc: 'Thumb: root, at the wrist',
  thumbMcp: 'Thumb: middle joint',
  thumbIp: 'Thumb: last joint',
  thumbTip: 'Thumb: tip',
  indexMcp: 'Index: knuckle',
  indexPip: 'Index: middle joint',
  indexDip: 'Index: last joint',
  indexTip: 'Index: tip',
  middleMcp: 'Middle finger: knuckle',
  middlePip: 'Middle finger: middle joint',
  middleDip: 'Middle finger: last joint',
  middleTip: 'Middle finger: tip',
  ringMcp: 'Ring finger: knuckle',
  ringPip: 'Ring finger: middle joint',
  ringDip: 'Ring finger: last joint',
  ringTip: 'Ring finger: tip',
  littleMcp: 'Little finger: knuckle',
  littlePip: 'Little finger: middle joint',
  littleDip: 'Little finger: last joint',
  littleTip: 'Little finger: tip',
  stickHandEnd: 'Stick: its middle, near the button',
  stickTipEnd: 'Stick: its middle, toward the tip',
  frogFront: 'Frog: front edge',
  frogBack: 'Frog: back edge',
  forearm: 'Forearm: its middle, well behind the wrist',
  stringUpper: 'String: toward the scroll',
  stringLower: 'String: toward the bridge',
};

const measures: Record<MeasureId, string> = {
  thumbIpFlexion: 'Bend of the last joint',
  thumbMcpFlexion: 'Bend of the middle joint',
  thumbPlace: 'Place on the stick',
  thumbApproach: 'Angle to the stick',
  thumbOpposition: 'Against the middle finger',
  indexDepth: 'Index: depth',
  indexLead: 'Index ahead of the thumb',
  middleDepth: 'Middle finger: depth',
  ringDepth: 'Ring finger: depth',
  gap12: 'Gap index to middle',
  gap23: 'Gap middle to ring',
  gap34: 'Gap ring to little',
  gapEvenness: 'Unevenness of the gaps',
  spread: 'Spread of the hand',
  littlePlace: 'Where the tip rests',
  littleDepth: 'Depth',
  littlePipFlexion: 'Bend of the middle joint',
  littleDipFlexion: 'Bend of the last joint',
  handLean: 'Lean toward the index',
  wristFlexion: 'Wrist up or down',
  wristDeviation: 'Wrist sideways',
  bowSkew: 'Bow against the string',
};

/** What "too low" and "too high" mean for each measure, as a teacher would say it. */
const faults: Partial<Record<MeasureId, { low: string; high: string }>> = {
  thumbIpFlexion: { low: 'too straight', high: 'clamped' },
  thumbMcpFlexion: { low: 'bent backward', high: 'too bent' },
  thumbPlace: { low: 'too far back', high: 'too far up' },
  thumbApproach: { low: 'lies along the stick', high: 'too steep' },
  thumbOpposition: { low: 'slid to the little finger', high: 'slid to the index' },
  indexDepth: { low: 'on the fingertip', high: 'too deep' },
  indexLead: { low: 'too close to the thumb', high: 'too far ahead' },
  middleDepth: { low: 'drawn back', high: 'too deep' },
  ringDepth: { low: 'drawn back', high: 'too deep' },
  littlePlace: { low: 'off the stick', high: 'hangs over' },
  littlePipFlexion: { low: 'too straight', high: 'hooked' },
  littleDipFlexion: { low: 'collapsed', high: 'hooked' },
  handLean: { low: 'rolled out', high: 'leans far' },
  wristFlexion: { low: 'dropped', high: 'arched high' },
};

const views: Record<View, string> = {
  'finger-side': 'Finger side',
  'thumb-side': 'Thumb side',
  'player-eye': 'Player’s eye',
  'down-stick': 'Down the stick',
  profile: 'Profile with forearm',
  front: 'Front with string',
  'bow-side': 'Middle of the bow',
};

const viewHints: Record<View, string> = {
  'finger-side': 'Face the backs of the fingers, square to the stick.',
  'thumb-side': 'Look up into the palm, at the thumb.',
  'player-eye': 'Hold the camera by the player’s eyes.',
  'down-stick': 'Look along the stick from its end.',
  profile: 'From the button’s end, hand and forearm in the picture.',
  front: 'Bow, string, bridge and the whole arm in the picture.',
  'bow-side': 'The middle of the bow, stick and hair.',
};

const contexts: Record<Context, string> = {
  supported: 'Bow supported',
  free: 'Free in the air',
  heel: 'At the heel',
  middle: 'At the middle',
  point: 'At the point',
  'playing-start': 'Playing, start of lesson',
  'playing-end': 'Playing, end of lesson',
};

const families: Record<Family, string> = {
  thumb: 'Thumb',
  fingers: 'Fingers',
  little: 'Little finger',
  wrist: 'Wrist',
};

const units: Record<Unit, string> = {
  deg: '°',
  mm: ' mm',
  u: ' joints',
  fingerBreadth: ' finger widths',
  ratio: '',
  category: '',
};

const holds: Record<string, string> = {
  'violin-shallow': 'shallow index',
  'violin-deep': 'deep index',
  'violin-starter': 'starter, thumb under the frog',
  fiddle: 'fiddle, long little finger',
  cello: 'little finger hanging over',
  'cello-small-hand': 'small hand',
  'french-bass-ring': 'French, ring finger at the ferrule',
  'french-bass-knuckles': 'French, knuckles on top',
  'german-bass': 'German',
};
const instruments: Record<Instrument, string> = {
  violin: 'Violin',
  viola: 'Viola',
  cello: 'Cello',
  bass: 'Double bass',
};
const sides: Record<Side, string> = { right: 'Right hand', left: 'Left hand' };
const skinTones: Record<SkinTone, string> = {
  clay: 'Clay',
  sand: 'Sand',
  amber: 'Amber',
  umber: 'Umber',
  ebony: 'Ebony',
};

/** Every sentence a person reads, in English. Another language is another object of this shape. */
export const en = {
  app: 'Open Palm',
  nav: {
    today: 'Today',
    students: 'Students',
    holds: 'Holds',
    back: 'Back',
    toStudent: 'Back to the student',
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
  today: {
    title: 'Today',
    due: 'Due for a look',
    recent: 'Looked at lately',
    nobodyDue: 'Nobody is due. Every hold was looked at within the week.',
    never: 'Not looked at yet',
    since: (ago: string) => `Last look ${ago}`,
    look: 'Look at the hold',
    lookAt: (name: string) => `Look at ${name}’s hold`,
    open: (name: string) => `Open ${name}’s hand file`,
    noStudents: 'No students yet. Add the first one, and the first look can begin.',
    unsent: (n: number) =>
      n === 1
        ? 'One check waits on this device to be sent.'
        : `${n} checks wait on this device to be sent.`,
    unsentTitle: 'Not sent yet',
    sendNow: 'Send now',
    refused: (name: string, reason: string) => `The check of ${name} was refused: ${reason}`,
    discard: 'Discard it',
  },
  students: {
    title: 'Students',
    add: 'Add a student',
    empty: 'No students yet.',
    choose: 'Choose a student to see the hand file.',
    line: (instrument: string, hold: string) => `${instrument} · ${hold}`,
  },
  student: {
    addTitle: 'A new student',
    editTitle: (name: string) => `About ${name}`,
    name: 'Name',
    birthYear: 'Year of birth (may stay empty)',
    instrument: 'Instrument',
    hold: 'Hold',
    side: 'Which hand holds the bow?',
    skinTone: 'Tone of the drawn hand',
    frog: 'Length of the frog, mm',
    frogHelp:
      'Measure from the front edge to the back. Left empty, an estimate is used and the doubt grows.',
    save: 'Save',
    notANumber: 'a number is needed here',
  },
  handFile: {
    age: (years: number) => `${years} years`,
    lookedAt: (ago: string) => `looked at ${ago}`,
    neverLooked: 'not looked at yet',
    history: 'Looks',
    noHistory: 'No look yet. One picture of the bow hand is enough to begin.',
    change: 'Latest against the look before',
    noChange:
      'Nothing was measured twice yet. After a second look from the same side, the change stands here.',
    now: 'Now',
    before: 'Before',
    look: 'Look at the hold',
    edit: 'Edit',
    portrait: (name: string) => `How ${name} holds the bow, drawn from the last measures`,
    openCheck: (date: string) => `Open the look of ${date}`,
    drawnFrom: 'Drawn from the latest looks; outlines are where the hold wants the fingers.',
    empty: 'Dotted: not seen yet. The drawing fills as you look.',
  },
  holdsScreen: {
    title: 'Holds',
    first: 'This hold',
    second: 'beside this one',
    portrait: (name: string) => `${name}: the hold as it is wanted`,
    differs: 'they differ',
    noBand: 'no band',
    alongBow: 'changes along the bow',
    standing: { practice: 'common practice', memory: 'estimate' },
    standings:
      'Common practice: usual among teachers, no single source. Estimate: recalled, not looked up; narrow it to your own eye. A named book stands beside what rests on it.',
    about: {
      'violin-shallow':
        'The stick crosses the index between its last and middle joint. The bow rocks easily and the fingers can steer; the weight comes through a lean to the index.',
      'violin-deep':
        'The stick lies near the index’s middle joint or beyond it. The arm’s weight reaches the string with little effort; the fingers have less room to move.',
      'violin-starter':
        'The bent thumb sits on the metal under the frog, for small hands. Some teachers set a date to move up; others begin in the final place, because a thumb that collapses here does not carry over.',
      fiddle:
        'The little finger rests long on the stick and the thumb may lie just ahead of the frog. A relaxed arm comes first; others of the same tradition curl the little finger.',
      cello:
        'The hand hangs over the stick, the little finger beside the ring finger. The thumb pushes sideways into the stick; the weight rolls toward the index.',
      'cello-small-hand':
        'As the cello hold, with the stick nearer to the fingertips, so that a small hand need not stretch.',
      'french-bass-ring':
        'The ring finger’s tip touches the ferrule and the index stands well ahead of the thumb, where it carries the tip without a squeeze.',
      'french-bass-knuckles':
        'The middle joints of the second and third finger stand right on top of the stick. Another whole system: the hand drops naturally around it.',
      'german-bass':
        'The frog is taken from behind like a hand that is shaken: button in the web, thumb on top, little finger carrying from below.',
    } as Record<string, string>,
  },
  check: {
    title: 'A look at the hold',
    context: 'How is the bow held now?',
    view: 'From where is the picture?',
    picture: 'Take or choose a picture',
    otherPicture: 'Choose another picture',
    place: 'Place the points',
    flip: 'Flip the picture',
    flipHelp: 'Selfie cameras mirror. If the hand in this picture is the wrong one, flip it.',
    pictureOf: (view: string) => `The chosen picture, ${view}`,
    handIs: (side: string) => `${side} holds the bow, as written in the student’s file.`,
    frogMeasured: (mm: string) => `Frog ${mm} mm, measured.`,
    frogEstimate: (mm: string, sd: string) =>
      `Frog ${mm} ± ${sd} mm, an estimate. Measure it once and every number gets firmer.`,
    stepContext: 'Step 1 of 3',
    stepMeasure: 'Step 2 of 3',
    stepResult: 'Step 3 of 3',
    problems: {
      notAPicture: 'This file is not a picture that can be opened. JPEG, PNG and WebP are fine.',
      tooLarge: (mb: number) =>
        `This file is larger than ${mb} MB. A smaller picture is enough to measure.`,
      damaged: 'This picture is damaged or incomplete. Please choose another.',
    },
  },
  measure: {
    title: 'Place the points',
    next: 'Touch the picture at',
    selected: 'Chosen point',
    progress: (done: number, all: number) => `${done} of ${all}`,
    cannotSee: 'Can’t see it',
    undo: 'Undo',
    redo: 'Redo',
    zoomIn: 'Zoom in',
    zoomOut: 'Zoom out',
    fit: 'Whole picture',
    read: 'Read the result',
    done: 'Everything this view can tell is marked.',
    more: 'Mark the other points too',
    numbers: 'Live numbers',
    noNumbers: 'Numbers appear here as soon as their points are set.',
    canvas:
      'The picture. Press Enter to set the next point in the middle, then move it with the arrow keys.',
    point: (name: string, x: number, y: number) => `${name}, at ${x}, ${y}`,
    keys: 'Keys: arrows move the chosen point, with Shift ten times as far; Enter on the picture sets the next one; Ctrl+Z takes back, Ctrl+Y brings again. The wheel zooms, with Shift it pans.',
    mirrored:
      'The knuckles lie on the hair’s side. Is the picture mirrored, or are the stick’s ends swapped?',
    flip: 'Flip picture and points',
  },
  result: {
    title: 'What was measured',
    save: 'Save this look',
    back: 'Move points',
    saving: 'Saving',
    wanted: (band: string) => `wanted ${band}`,
    noBand: 'no band: shown without a verdict',
    notFromView: (views: string) => `not from this view: take it from ${views}`,
    pointsMissing: 'its points were not all seen',
    offStick: 'the finger is not at the stick',
    nothingSeen: 'not looked at',
    undecidable: 'this picture cannot decide it: take it closer or from another side',
    checkPoint: 'no joint bends like this: check its points',
    more: 'Show every number',
    less: 'Show less',
    picture: (view: string) => `The picture, ${view}, with its points`,
    portrait: 'The hold drawn from the numbers',
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
  littlePlaces: { top: 'on top', over: 'hanging over', off: 'off the stick' } as Record<
    string,
    string
  >,
  cautions: {
    pain: 'With pain, numbness, tingling or swelling: stop, rest, and see a physician or hand therapist. Open Palm measures and reminds; it does not diagnose.',
    consent: 'Photographs of children need their guardian’s consent. They stay on this machine.',
    teacher: 'The bands are defaults. The student’s own teacher outranks them.',
  },
  portrait: {
    thumb: 'T',
  },
  ago: {
    today: 'today',
    yesterday: 'yesterday',
    days: (n: number) => `${n} days ago`,
    weeks: (n: number) => `${n} weeks ago`,
    months: (n: number) => `${n} months ago`,
  },
  points,
  measures,
  faults,
  views,
  viewHints,
  contexts,
  families,
  units,
  holds,
  instruments,
  sides,
  skinTones,
  openEnd: { atLeast: (v: string) => `at least ${v}`, atMost: (v: string) => `at most ${v}` },
  or: ' or ',
};

export type Strings = typeof en;
