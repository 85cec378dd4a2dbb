import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import type { View } from '@open-palm/core/measure';
import type { DetectCase } from './detectCases';
import { depthErrors, jointErrors, type JointError } from './detectErrors';
import { confirm, type Confirmed, type HandPlaces } from './person';

/** Mean and ninetieth percentile of how far something is off, and of how many. */
export interface Spread {
  n: number;
  mean: number;
  p90: number;
  /** Mean with its sign, where errors have one. */
  bias: number;
}

export interface ViewSummary {
  view: View;
  all: number;
  found: number;
  /** Not found at first, but from two touches. */
  fromTwo: number;
  /** Of the points that can be seen, in % of the hand's length. */
  points: Spread;
  /** Found hands whose points are off by more than a tenth of the hand's length in the median. */
  wrong: number;
}

export interface JointSummary {
  joint: string;
  /** As guessed, with nobody looking. */
  raw: Spread;
  /** After a person has looked. */
  confirmed: Spread;
  /** Exact marks: what the flat view itself costs. */
  exact: Spread;
  /** How many times nothing is told after a person has looked, because a point cannot be seen. */
  notTold: number;
}

export interface DetectSummary {
  views: ViewSummary[];
  /** By kind of point, in % of the hand's length, of the points that can be seen. */
  kinds: { kind: string; points: Spread; right: number }[];
  bends: JointSummary[];
  depths: JointSummary[];
  /** What a person did, over all points of all hands found. */
  said: { right: number; moved: number; unseen: number };
  /** SD in each direction of points that were called right, as a share of the picture's longer side. */
  agreedSdShare: number;
}

const BADLY_WRONG_PERCENT = 10;

const ofFingers = (joint: string) =>
  HAND_POINTS.filter((name) => name.endsWith(joint) && !name.startsWith('thumb'));

const KINDS: readonly { kind: string; names: readonly HandPointName[] }[] = [
  { kind: 'Fingertips', names: ofFingers('Tip') },
  { kind: 'Last joints', names: ofFingers('Dip') },
  { kind: 'Middle joints', names: ofFingers('Pip') },
  { kind: 'Knuckles', names: ofFingers('Mcp') },
  { kind: 'Thumb: tip', names: ['thumbTip'] },
  { kind: 'Thumb: last joint', names: ['thumbIp'] },
  { kind: 'Thumb: middle joint, root', names: ['thumbMcp', 'thumbCmc'] },
  { kind: 'Wrist', names: ['wrist'] },
];

/** What the cases say, with a person of seeded luck. */
export function detectSummary(cases: readonly DetectCase[], normal: () => number): DetectSummary {
  const looked = cases.flatMap((one) => {
    const guesses = one.found ?? one.fromTwo;
    if (!guesses) return [];
    const { places, hidden, handLengthPx } = one;
    return [{ one, guesses, said: confirm(guesses, places, hidden, handLengthPx, normal) }];
  });
  const rows = (errorsOf: (one: DetectCase, places: Partial<HandPlaces>) => JointError[]) =>
    jointRows(
      looked.map(({ one, guesses, said }) => ({
        raw: errorsOf(one, guesses),
        confirmed: errorsOf(one, said.points),
        exact: errorsOf(one, one.places),
      })),
    );
  const count = (of: (said: (typeof looked)[number]['said']) => number) =>
    looked.reduce((sum, { said }) => sum + of(said), 0);
  return {
    views: [...new Set(cases.map(({ truth }) => truth.view))].map((view) =>
      viewSummary(
        view,
        cases.filter(({ truth }) => truth.view === view),
      ),
    ),
    kinds: KINDS.map(({ kind, names }) => kindSummary(kind, names, looked)),
    bends: rows(jointErrors),
    depths: rows(depthErrors),
    said: {
      right: count(({ agreed }) => agreed.length),
      moved: count(({ moved }) => moved.length),
      unseen: count(({ unseen }) => unseen.length),
    },
    agreedSdShare: agreedSdShare(looked),
  };
}

const distance = (one: DetectCase, places: HandPlaces, name: HandPointName) =>
  Math.hypot(places[name].x - one.places[name].x, places[name].y - one.places[name].y);

function viewSummary(view: View, cases: readonly DetectCase[]): ViewSummary {
  const found = cases.filter((one) => one.found);
  const percents = found.map((one) =>
    HAND_POINTS.filter((name) => !one.hidden.includes(name)).map(
      (name) => (100 * distance(one, one.found!, name)) / one.handLengthPx,
    ),
  );
  return {
    view,
    all: cases.length,
    found: found.length,
    fromTwo: cases.filter((one) => !one.found && one.fromTwo).length,
    points: spread(percents.flat()),
    wrong: percents.filter((row) => quantile(row, 0.5) > BADLY_WRONG_PERCENT).length,
  };
}

interface Looked {
  one: DetectCase;
  guesses: HandPlaces;
  said: Confirmed;
}

function kindSummary(kind: string, names: readonly HandPointName[], looked: readonly Looked[]) {
  const seen = looked.flatMap(({ one, guesses, said }) =>
    names
      .filter((name) => !one.hidden.includes(name))
      .map((name) => ({
        percent: (100 * distance(one, guesses, name)) / one.handLengthPx,
        isRight: said.agreed.includes(name),
      })),
  );
  const right = seen.filter(({ isRight }) => isRight).length / seen.length;
  return { kind, points: spread(seen.map(({ percent }) => percent)), right };
}

type Told = Record<'raw' | 'confirmed' | 'exact', JointError[]>;

function jointRows(told: readonly Told[]): JointSummary[] {
  const joints = [...new Set(told.flatMap(({ exact }) => exact.map(({ joint }) => joint)))];
  const errors = (kind: keyof Told, joint: string) =>
    told.flatMap((one) => one[kind].filter((error) => error.joint === joint));
  const spreadOf = (kind: keyof Told, joint: string) =>
    spread(errors(kind, joint).flatMap(({ deg }) => (deg === null ? [] : [deg])));
  return joints.map((joint) => ({
    joint,
    raw: spreadOf('raw', joint),
    confirmed: spreadOf('confirmed', joint),
    exact: spreadOf('exact', joint),
    notTold: errors('confirmed', joint).filter(({ deg }) => deg === null).length,
  }));
}

function agreedSdShare(looked: readonly Looked[]): number {
  const squares = looked.flatMap(({ one, guesses, said }) => {
    const longer = Math.max(one.truth.image.width, one.truth.image.height);
    return said.agreed.map((name) => (distance(one, guesses, name) / longer) ** 2 / 2);
  });
  return Math.sqrt(squares.reduce((sum, value) => sum + value, 0) / squares.length);
}

function spread(values: readonly number[]): Spread {
  const n = values.length;
  const sizes = values.map(Math.abs);
  return {
    n,
    mean: sizes.reduce((sum, value) => sum + value, 0) / n,
    p90: quantile(sizes, 0.9),
    bias: values.reduce((sum, value) => sum + value, 0) / n,
  };
}

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}
