import type { BowPart } from '@open-palm/core/bow';
import { mm, NBSP, newton } from './forces';

/** Words of the screen of the bow as a lever: loaded with it. */

/** Shares as they are said, for less and for more. */
const SHARES: readonly (readonly [number, string])[] = [
  [0.1, 'a tenth'],
  [0.2, 'a fifth'],
  [0.25, 'a quarter'],
  [1 / 3, 'a third'],
  [0.4, 'two fifths'],
  [0.5, 'half'],
  [0.6, 'three fifths'],
  [2 / 3, 'two thirds'],
  [0.75, 'three quarters'],
  [0.9, 'nine tenths'],
];

const shareWord = (share: number): string =>
  SHARES.reduce((best, one) =>
    Math.abs(one[0] - share) < Math.abs(best[0] - share) ? one : best,
  )[1];

const lessWords = (share: number): string => {
  const word = shareWord(share);
  return word === 'half' ? 'half as much' : `${word} less`;
};

/** How much less or more, as it is said: "a third less", "twice as much". */
function ratioWords(from: number, to: number): string {
  if (to < 0.05) return 'nothing any more';
  if (from < 0.05) return 'where it carried nothing';
  const ratio = to / from;
  if (Math.abs(ratio - 1) < 0.05) return 'hardly any change';
  if (ratio < 1) return lessWords(1 - ratio);
  if (ratio < 1.95) return `${shareWord(Math.min(0.9, ratio - 1))} more`;
  const halves = Math.round(ratio * 2) / 2;
  return halves === 2 ? 'twice as much' : `${halves} times as much`;
}

export const balance = {
  title: 'Balance',
  newton,
  withSd: (force: number, sd: number) =>
    sd < 0.05 ? newton(force) : `${force.toFixed(1)}${NBSP}±${NBSP}${sd.toFixed(1)}${NBSP}N`,
  mm,
  ratio: ratioWords,
  from: {
    all: 'Thumb and fingers as last seen.',
    some: (seen: string) => `As last seen: ${seen}. The rest is where the hold wants it.`,
    none: 'Not seen on the stick yet: all where the hold wants it.',
  },
  picture: (name: string) => `The bow as a lever in ${name}’s hand`,
  wholeBow: 'The whole bow',
  scale: (force: number) => `${force} N`,
  presses: {
    inTheAir: (finger: string, force: string, thumb: string) =>
      `In the air the ${finger} carries ${force}; the thumb answers with ${thumb}.`,
    onString: (finger: string, force: string, thumb: string) =>
      `Here the ${finger} presses ${force}; the thumb answers with ${thumb}.`,
    alone: (thumb: string) => `The thumb carries the bow alone: ${thumb}.`,
    underhand: (finger: string, force: string) => `Most is asked of the ${finger}: ${force}.`,
  },
  total: (share: string, least: string) =>
    `${share} in all, as a hand shares it; ${least} with the least possible squeeze.`,
  aboveCap: (fingers: string) => `More than is comfortable: ${fingers}.`,
  capOf: (finger: string, cap: string) => `${finger} (about ${cap})`,
  comfortable: 'comfortable',
  tooMuch: 'too much',
  idle: 'carries nothing',
  pinch: (force: string) => `Pinched besides, so that the bow does not slide: ${force}.`,
  loudest: (force: string) => `Loudest that stays comfortable at this place: ${force}.`,
  handOver: (mm: string) => `The hand-over is ${mm} from the frog.`,
  handOverOutside: 'The hand-over lies outside the stretch that is played.',
  handles: {
    index: 'Index on the stick',
    thumb: 'Thumb on the stick',
    little: 'Little finger on the stick',
    string: 'Where the string is',
    hand: 'Hand up the stick',
    tip: 'Tilt of the bow',
  },
  /** What marks the web of the hand, where fingers have their numbers. */
  webMark: 'W',
  fromFrog: (mm: number) =>
    mm >= 0
      ? `${Math.round(mm)} mm ahead of the frog’s front`
      : `${Math.round(-mm)} mm behind the frog’s front`,
  tilt: (deg: number) => `tip raised by ${Math.round(deg)}°`,
  up: (mm: number) => `${Math.round(mm)} mm up the stick`,
  where: 'The bow is',
  air: 'in the air',
  onString: 'on the string',
  force: 'How loud',
  forceEnds: ['very soft', 'loud'] as [string, string],
  onBow: 'On the bow',
  numbers: 'The numbers',
  carries: 'carries',
  more: 'More settings',
  less: 'Fewer settings',
  plane: 'How the weight lies to the string',
  planeEnds: ['in one plane', 'across it'] as [string, string],
  planeValue: (deg: number) => `${Math.round(deg)}°`,
  carried: 'The string carries of the weight across',
  carriedOf: { 0: 'nothing', 0.25: 'a quarter', 0.5: 'half' } as Record<number, string>,
  across: {
    title: 'Across the strings',
    picture: 'The bow’s weight across the strings: the index carries it, the thumb opposes it',
    text: (index: string, thumb: string, lead: string) =>
      `The bow also hangs across the strings. With a lead of ${lead} the index carries ${index} and the thumb opposes with ${thumb}.`,
    none: 'Without an index ahead of the thumb, nothing carries the bow’s weight across the strings.',
    weight: 'weight',
  },
  drag: 'Drag any ringed mark.',
  held: 'What the hand does',
  whatIf: {
    title: 'What if?',
    today: 'Today',
    change: 'The change',
    back: 'Back to today',
    hint: 'Drag index, thumb or little finger, or slide the hand up the stick: today’s hand stays beside it.',
    hintUnder: 'Drag thumb or little finger: today’s hand stays beside it.',
    ahead: 'Index 10 mm further ahead',
    up: 'Hand 20 mm up the stick',
    lead: (from: string, to: string) => `Index ${from} → ${to} ahead of the thumb`,
    thumb: (from: string, to: string) => `Thumb ${from} → ${to} from the frog’s front`,
    little: (from: string, to: string) => `Little finger ${from} → ${to} behind the thumb`,
    moved: (by: string) => `Hand ${by} up the stick`,
    without: (finger: string) => `Without the ${finger}`,
    several: 'With these changes',
    says: (change: string, finger: string, to: string, from: string, ratio: string) =>
      `${change}: the ${finger} presses ${to} instead of ${from}, ${ratio}.`,
    saysAcross: (change: string, finger: string, to: string, from: string, ratio: string) =>
      `${change}: across the strings the ${finger} presses ${to} instead of ${from}, ${ratio}.`,
    nothing: (change: string) => `${change}: nothing that a hand would feel.`,
    lost: (change: string, why: string) => `${change}: the bow cannot be held. ${why}`,
    gained: (change: string) => `${change}: now the bow can be held.`,
    neither: (change: string) => `${change}: still it cannot be held.`,
    across: (finger: string) => `${finger}, across`,
  },
  stroke: {
    title: 'Over the stroke',
    picture: 'Force of each finger from heel to point',
    heel: 'heel',
    middle: 'middle',
    point: 'point',
    handOver: 'hand-over',
    cap: 'beyond comfort',
    reaches: (share: string) => `At this force the hand is at ease up to ${share} of the bow.`,
    always: 'At this force the hand is at ease over the whole bow.',
    never: 'At this force the hand is nowhere at ease.',
    place: 'Place',
    loudestTitle: 'The loudest that stays comfortable',
    loudestPicture: 'The loudest comfortable string force from heel to point',
    loudest: 'loudest',
    played: 'played',
    beyond: 'Full force at the very point is beyond a hand: do not ask for it.',
  },
  raise: {
    title: 'Tip raise',
    picture: 'Force of the little finger from level to upright',
    level: 'level',
    upright: 'upright',
    angle: 'Angle',
  },
  places: {
    title: 'Higher up the stick',
    picture: 'Force of the little finger by the place of the hand, the bow level in the air',
    here: 'here',
    balance: 'balance point',
    place: 'Up the stick',
    start: 'start here',
  },
  cap: 'comfort cap',
  bow: {
    title: 'This bow',
    line: (name: string, mass: string, balance: string) =>
      `${name}: ${mass}, balances ${balance} from the button’s end.`,
    estimate: (value: string, sd: string) => `${value} ± ${sd} (estimate)`,
    measured: (value: string) => `${value} (measured)`,
    weigh: 'Weigh this bow',
    weighAgain: 'Weigh it again',
  },
  estimates:
    'Strengths, comfort caps and typical bows are estimates. The numbers compare one hold with another; they are no training load.',
};

export const weigh = {
  title: 'Weigh this bow',
  step: (n: number) => `Step ${n} of 3`,
  steps: {
    massG: {
      title: 'On a kitchen scale',
      how: 'Lay the bow across the scale, hair up, touching nothing else. Read what it shows.',
      field: 'What it weighs',
    },
    balanceMm: {
      title: 'On one finger',
      how: 'Let the stick lie across a finger until neither end falls. Measure from the button’s end to that finger.',
      field: 'Button’s end to the balance point',
    },
    frogLengthMm: {
      title: 'Along the frog',
      how: 'Measure the frog from its front edge, at the stick, to its back.',
      field: 'Length of the frog',
    },
  } satisfies Record<BowPart, { title: string; how: string; field: string }>,
  typical: (from: string, to: string) => `Such bows usually lie between ${from} and ${to}.`,
  warning: {
    less: (from: string, to: string) =>
      `That is less than such bows have: ${from} to ${to}. Measure again, or keep it if you are sure.`,
    more: (from: string, to: string) =>
      `That is more than such bows have: ${from} to ${to}. Measure again, or keep it if you are sure.`,
  },
  fits: (size: string) => `A ${size} bow would be like this: is the size right?`,
  notANumber: 'A number is needed here.',
  next: 'Next',
  keep: 'Keep this bow',
  skip: 'Leave it as an estimate',
  back: 'Step back',
  figure: (what: string) => `Drawn: ${what.toLowerCase()}`,
};
