import type { Place } from '@open-palm/core/measure';

/** Words of the wrist and fingers over a stroke. */

/** With a true minus, and none before 0. */
const plain = (text: string) => text.replace(/^-(0(?:\.0)?)$/, '$1').replace('-', '−');
const deg = (value: number) => `${plain(String(Math.round(value)))}°`;
const told = (value: number, sd: number) => `${deg(value)} ± ${Math.max(1, Math.round(sd))}°`;
const wanted = ({ lo, hi }: { lo?: number | undefined; hi?: number | undefined }) =>
  lo === undefined
    ? `at most ${deg(hi!)}`
    : hi === undefined
      ? `at least ${deg(lo)}`
      : `${deg(lo)} to ${deg(hi)}`;

export const stroke = {
  title: 'Wrist over a stroke',
  deg,
  told,
  empty:
    'No take yet. Open a file of angles over time, or look at the wrist at heel, middle and point: three stills already tell much.',
  openFile: 'Open a CSV file',
  saveFile: 'Save as CSV',
  unreadable: (name: string) => `${name} cannot be read`,
  stills: {
    title: 'Three stills',
    help: 'From the looks: the wrist at heel, middle and point.',
    missing:
      'Not seen yet at heel, middle and point. A look with the forearm in the picture, named by its place in the bow, fills them in.',
    look: 'Look at the wrist',
  },
  when: 'When in the lesson?',
  starts: 'at the start',
  ends: 'at the end',
  keep: 'Keep this take',
  forget: 'Leave it',
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
      `The wrist is supple: it goes through ${told(value, sd)} over the stroke; ${wanted(band)} is wanted.`,
    locked: (
      value: number,
      sd: number,
      band: { lo?: number | undefined; hi?: number | undefined },
    ) => `The wrist is locked: it goes through only ${told(value, sd)}; ${wanted(band)} is wanted.`,
    tooWide: (
      value: number,
      sd: number,
      band: { lo?: number | undefined; hi?: number | undefined },
    ) => `The wrist does too much: it goes through ${told(value, sd)}; ${wanted(band)} is wanted.`,
    rangeUnsure: (
      value: number,
      sd: number,
      band: { lo?: number | undefined; hi?: number | undefined },
    ) =>
      `The wrist goes through ${told(value, sd)}: too near the edge of ${wanted(band)} to be sure.`,
    notEnough: () => 'Not enough to tell: the noise of the points alone could make what is seen.',
    compensating: (fingers: number) =>
      `Thumb and little finger hardly move (${deg(fingers)}): the wrist does their work. First the thumb and the little finger, then the wrist.`,
    placeLow: (place: string, value: string, band: string) =>
      `At the ${place} it is bent back further than wanted: ${value}, ${band} is wanted.`,
    placeHigh: (place: string, value: string, band: string) =>
      `At the ${place} it is bent forward further than wanted: ${value}, ${band} is wanted.`,
    turnsAsWanted: 'Toward the point it bends back, as it should.',
    turnsOtherWay: 'Toward the point it bends forward; it should bend back.',
  },
  wanted,
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
