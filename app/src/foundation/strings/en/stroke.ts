import type { Place } from '@open-palm/core/measure';

/** Words of the wrist and fingers over a stroke. */

/** With a true minus, and none before 0. */
const plain = (text: string) => text.replace(/^-(0(?:\.0)?)$/, '$1').replace('-', '−');
const deg = (value: number) => `${plain(String(Math.round(value)))}°`;
const estimate = (value: number, sd: number) => `${deg(value)} ± ${Math.max(1, Math.round(sd))}°`;
const wanted = ({ lo, hi }: { lo?: number | undefined; hi?: number | undefined }) =>
  lo === undefined
    ? `at most ${deg(hi!)}`
    : hi === undefined
      ? `at least ${deg(lo)}`
      : `${deg(lo)} to ${deg(hi)}`;

export const stroke = {
  title: 'Wrist over a stroke',
  deg,
  told: estimate,
  empty:
    'No take yet. Film a few strokes from the side with the forearm in the picture, take three stills, or open a file of angles.',
  add: 'Add a take',
  adding: {
    question: 'What is seen?',
    wrist: 'The wrist, from the side',
    path: 'The bow’s path, from the front',
    wristHelp:
      'The camera looks along the bow from the side of its hand end; hand and forearm are in the picture, and it stands still.',
    pathHelp:
      'The camera faces the string that is played; both ends of the bow are in the picture, and it stands still.',
    clip: 'Open a clip',
    stills: 'Three stills',
    staysHere: 'Clip and stills stay on this device; only the angles are kept.',
  },
  openFile: 'Open a CSV file',
  otherHand: {
    left: (name: string) =>
      `This file is of a left hand, and ${name} bows with the right. Nothing was changed.`,
    right: (name: string) =>
      `This file is of a right hand, and ${name} bows with the left. Nothing was changed.`,
  },
  saveFile: 'Save as CSV',
  unreadable: (name: string) => `${name} cannot be read`,
  stills: {
    title: 'The wrist in the looks',
    help: 'Each as it was last seen at heel, middle and point.',
    missing:
      'Not seen yet at heel, middle and point. A look with the forearm in the picture, named by its place in the bow, fills them in.',
    look: 'Look at the wrist',
  },
  when: 'When in the lesson?',
  starts: 'at the start',
  ends: 'at the end',
  keep: 'Keep this take',
  forget: 'Leave it',
  moreMarks: 'More frames',
  takes: 'Takes',
  takeOf: (when: string, context: string) => `${when} · ${context.toLowerCase()}`,
  places: { heel: 'heel', middle: 'middle', point: 'point' } satisfies Record<Place, string>,
  portrait: (place: string, angle: string) => `The wrist at the ${place}: ${angle}`,
  flexed: 'bent forward',
  extended: 'bent back',
  straight: 'straight',
  notSeen: 'not seen',
  says: {
    supple: (
      value: number,
      sd: number,
      band: { lo?: number | undefined; hi?: number | undefined },
    ) =>
      `The wrist is supple: it goes through ${estimate(value, sd)} over the stroke; ${wanted(band)} is wanted.`,
    locked: (
      value: number,
      sd: number,
      band: { lo?: number | undefined; hi?: number | undefined },
    ) =>
      `The wrist is locked: it goes through only ${estimate(value, sd)}; ${wanted(band)} is wanted.`,
    tooWide: (
      value: number,
      sd: number,
      band: { lo?: number | undefined; hi?: number | undefined },
    ) =>
      `The wrist does too much: it goes through ${estimate(value, sd)}; ${wanted(band)} is wanted.`,
    rangeUnsure: (
      value: number,
      sd: number,
      band: { lo?: number | undefined; hi?: number | undefined },
    ) =>
      `The wrist goes through ${estimate(value, sd)}: too near the edge of ${wanted(band)} to be sure.`,
    notEnough: () => 'Not enough to tell: the noise of the points alone could make what is seen.',
    compensating: (fingers: number | null) =>
      `Thumb and little finger hardly move (${fingers === null ? 'as you saw' : deg(fingers)}): the wrist does their work. First the thumb and the little finger, then the wrist.`,
    placeLow: (place: string, value: string, band: string) =>
      `At the ${place} it is bent back further than wanted: ${value}, ${band} is wanted.`,
    placeHigh: (place: string, value: string, band: string) =>
      `At the ${place} it is bent forward further than wanted: ${value}, ${band} is wanted.`,
    turnsAsWanted: 'Toward the point it bends back, as it should.',
    turnsOtherWay: 'Toward the point it bends forward; it should bend back.',
  },
  wanted,
  fingers: {
    question: 'Do thumb and little finger bend and stretch in it?',
    moving: 'They move',
    still: 'They hardly move',
  },
  curve: {
    title: 'From heel to point',
    titleByTime: 'Stroke by stroke',
    picture:
      'Flexion of the wrist over each stroke, laid over each other, with the bands at heel, middle and point',
    byTime: 'The bow’s place is not in this take: each stroke goes from its beginning to its end.',
    begin: 'begin',
    end: 'end',
    place: 'Place',
    stroke: (n: number) => `${n}`,
  },
  cuts: {
    title: 'Where the strokes turn',
    picture: 'Flexion of the wrist over time, with the turns of the bow',
    help: 'Drag a turn that is not where the bow turns.',
    cut: (n: number) => `Turn ${n}`,
    at: (s: number) => `${s.toFixed(2)} s`,
    automatic: 'Find the turns again',
    time: 'Time',
  },
  numbers: {
    title: 'The numbers',
    what: 'What',
    value: 'Value',
    range: 'Wrist, range',
    thumb: 'Thumb, range',
    little: 'Little finger, range',
    deviation: 'Sideways, range',
    share: 'Wrist’s share of the steering',
    smooth: 'Smoothness (nearer 0 is smoother)',
    smoothOf: (value: number, floor: number) =>
      `${plain(value.toFixed(1))} (best told here ${plain(floor.toFixed(1))})`,
    percent: (share: number) => `${Math.round(share * 100)} %`,
    meanAt: (place: string) => `Wrist at the ${place}`,
    skewAt: (place: string) => `From square at the ${place}`,
    skew: 'Bow’s path, range',
  },
  clip: {
    opening: 'Opening the clip …',
    troubleTitle: 'This clip cannot be read',
    trouble: {
      unplayable:
        'The browser cannot play this file, or it is damaged. Clips from phones (MP4) and from browsers (WebM) are fine. Nothing was changed.',
      soundOnly: 'There is sound in this file but no picture. Nothing was changed.',
      tooShort:
        'This clip is shorter than half a second: no stroke fits into it. Nothing was changed.',
    },
    choose: {
      title: 'Which part?',
      help: (length: string, seconds: number) =>
        `This clip lasts ${length}. A few strokes are enough: ${seconds} seconds are read from where you say.`,
      from: 'From',
      begin: 'Read from here',
    },
    loading: 'The hand finder is being loaded.',
    looking: (percent: number) => `Looking for the hand and the turns of the bow: ${percent} %`,
    pause: 'Stop for now',
    paused: 'Stopped. What was found so far is kept: it goes on where it stopped.',
    goOn: 'Go on',
    noHandTitle: 'Hardly any hand was seen',
    noHand:
      'The bow hand was seen in too few frames. Is the clip mirrored, or the hand outside the picture, dark or very small? You can also mark wrist and knuckle yourself.',
    mirror: 'Mirror the clip',
    byHand: 'Mark the hand myself',
    leave: 'Leave it',
    scrub: {
      label: 'Time in the clip',
      at: (seconds: number) => `${seconds.toFixed(2)} s`,
      says: (at: string, angle: string) => `At ${at} the wrist is at ${angle}.`,
      saysPath: (at: string, angle: string) => `At ${at} the bow is ${angle} from square.`,
      saysNothing: (at: string) => `At ${at} nothing was marked.`,
      notKept: 'The clip stays on this device and goes when this screen is left.',
    },
  },
  frames: {
    frame: (seconds: number) => `Frame at ${seconds.toFixed(2)} s`,
    canvas: 'The frame. Enter puts the mark that is asked for in the middle; arrows move it.',
    guide: 'What to touch',
    touch: {
      wrist: 'Touch the wrist.',
      middleMcp: 'Touch the middle finger’s knuckle.',
      forearmNear: 'Touch the middle of the forearm, near the wrist.',
      forearmFar: 'Touch the middle of the forearm, near the elbow.',
      stickHandEnd: 'Touch the hand end of the stick.',
      stickTipEnd: 'Touch the tip of the bow.',
      stringUpper: 'Touch the string, on the scroll’s side of the bow.',
      stringLower: 'Touch the string, on the bridge’s side of the bow.',
    },
    marks: {
      wrist: 'Wrist',
      middleMcp: 'Middle finger’s knuckle',
      forearmNear: 'Forearm near the wrist',
      forearmFar: 'Forearm near the elbow',
      stickHandEnd: 'Hand end of the stick',
      stickTipEnd: 'Tip of the bow',
      stringUpper: 'String toward the scroll',
      stringLower: 'String toward the bridge',
    },
    stills: { heel: 'At the heel.', middle: 'In the middle.', point: 'At the point.' },
    allSet: 'All is marked here. Drag what is off.',
    progress: (marked: number, all: number) => `${marked} of ${all} marked`,
    enough: 'There is a curve already. Each further frame makes it surer.',
    notEnough: 'The first three frames give a curve: both turns of a stroke and its middle.',
    notEnoughStills: 'All three are needed.',
    inStrip: (n: number, seconds: number, state: string) =>
      `Frame ${n}, ${seconds.toFixed(2)} s: ${state}`,
    marked: 'marked',
    open: 'not marked',
    dropped: 'left out',
    drop: 'Leave this out',
    takeBack: 'Use this again',
    back: 'One back',
    read: 'Read the curve',
    leave: 'Leave it',
    heel: {
      question: 'Where is the bow nearer the heel?',
      help: 'Touch that picture. Between the two the hand goes to and fro; the ends of the curve are these ends, whole bow or not.',
      end: (n: number, seconds: number) => `Picture ${n}, at ${seconds.toFixed(2)} s`,
    },
  },
  threeStills: {
    help: {
      wrist:
        'One picture each with the bow standing on the string at heel, middle and point, from the same side, forearm in view.',
      path: 'One picture each with the bow standing on the string at heel, middle and point, from the front, both its ends in view.',
    },
    problem: 'This picture cannot be used',
    empty: 'none yet',
    looking: 'looking for the hand …',
    choose: 'Choose',
    another: 'Another',
    chooseFor: (place: string) => `Choose the picture at the ${place}`,
    picture: (place: string) => `The picture at the ${place}`,
    mark: 'Mark them',
  },
  path: {
    title: 'The bow’s path from heel to point',
    picture: 'How far the bow is from square to the string over each stroke',
    portrait: (place: string, angle: string) => `The bow on the string at the ${place}: ${angle}`,
    square: 'square',
    says: {
      square: (value: string) => `The bow stays square to the string: at most ${value} off.`,
      drifts: (from: string, to: string, way: string) =>
        `From heel to point it swings from ${from} to ${to}: the point drifts ${way}.`,
      skewed: (value: string, way: string) =>
        `The bow is ${value} from square all along: the point leans ${way}.`,
      unsure: (value: string) =>
        `About ${value} from square: too little to be sure with these marks.`,
    },
    toScroll: 'toward the scroll',
    toBridge: 'toward the bridge',
  },
  crossings: {
    title: 'String crossings',
    help: 'One slow stroke on each string. The elbow goes with the plane of the bow: a level of its own for each string.',
    picture: (string: string | null) =>
      string === null
        ? 'The plane of the bow on each string'
        : `The plane of the bow on each string; the ${string} string is played`,
    fiveStrings: 'Five strings',
    question: (string: string) => `Elbow on the ${string} string`,
    elbow: { dropped: 'dropped', level: 'level', raised: 'raised' },
    drill: 'Play the drill',
    stop: 'Stop',
    pace: 'Time on each string',
    seconds: (s: number) => `${s} s`,
    now: (string: string) => `${string} string`,
    keep: 'Keep this',
    last: (when: string) => `Last looked at ${when}:`,
    says: {
      follows: 'The elbow goes with the strings.',
      notUp: (strings: string) => `The elbow does not come up to the ${strings}.`,
      staysUp: (strings: string) => `The elbow stays up on the ${strings}.`,
      dropped: (strings: string) => `The elbow drops on the ${strings}.`,
      raised: (strings: string) => `The elbow is held high on the ${strings}.`,
      notSeen: (strings: string) => `Not looked at: the ${strings}.`,
    },
    stringsOf: (names: string, count: number) => `${names} ${count === 1 ? 'string' : 'strings'}`,
    noVerdict: 'Told, not judged: schools differ in how high the elbow is carried.',
  },
  compare: {
    title: 'Against another take',
    with: 'Compare with',
    none: 'nothing',
    range: (change: string, from: string, to: string) =>
      `The range went from ${from} to ${to}: ${change}.`,
    more: (by: string) => `${by} more`,
    less: (by: string) => `${by} less`,
    unclear: 'no difference that is sure',
    smoother: 'The strokes were smoother.',
    rougher: 'The strokes were less smooth.',
    otherTempo: 'Smoothness is not compared: the strokes are of another tempo.',
  },
};
