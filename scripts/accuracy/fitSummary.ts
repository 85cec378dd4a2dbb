import { flexion2d, type HandPointName } from '@open-palm/core/hand';
import { flexionTurn, type JointGroup, type View } from '@open-palm/core/measure';
import type { FittedJoint } from '@open-palm/core/fit';
import { NOISES, trueBend, type FitCase } from './fitCases';

/** Mean absolute error, ninetieth percentile and bias, degrees. */
export interface BendError {
  n: number;
  mean: number;
  p90: number;
  bias: number;
}

/** How a joint comes out, by noise. */
export interface JointFit {
  joint: string;
  /** Whether it is one of those that are judged by themselves. */
  flat: BendError[];
  one: BendError[];
  two: BendError[];
}

export interface FitSummary {
  joints: JointFit[];
  /** The same errors by the views of the pictures, over the judged joints of thumb and fingers. */
  pairs: { views: readonly View[]; thumb: BendError[]; fingers: BendError[] }[];
  singles: { view: View; thumb: BendError[]; fingers: BendError[] }[];
  /** Share of errors within one and two SD, by noise, of fits to two pictures. */
  covered: { one: number; two: number }[];
  /** Share of intervals of one picture that contain the truth, by noise, and how wide they are. */
  intervals: { share: number; widthDeg: number }[];
  refused: { one: number; two: number; cases: number };
  medianMs: { one: number; two: number };
}

type Judged = readonly [string, FittedJoint, JointGroup, HandPointName, HandPointName];

const JUDGED: readonly Judged[] = [
  ['Thumb, last joint', 'thumbIp', 'thumb', 'thumbMcp', 'thumbTip'],
  ['Thumb, middle joint', 'thumbMcp', 'thumb', 'thumbCmc', 'thumbIp'],
  ['Index, middle joint', 'indexPip', 'finger', 'indexMcp', 'indexDip'],
  ['Middle finger, middle joint', 'middlePip', 'finger', 'middleMcp', 'middleDip'],
  ['Ring finger, middle joint', 'ringPip', 'finger', 'ringMcp', 'ringDip'],
  ['Little finger, middle joint', 'littlePip', 'finger', 'littleMcp', 'littleDip'],
  ['Little finger, last joint', 'littleDip', 'finger', 'littlePip', 'littleTip'],
];

/** What all fits together say. */
export function fitSummary(cases: readonly FitCase[]): FitSummary {
  const ofNoise = (noise: number) => cases.filter((one) => one.noise === noise);
  const byNoise = <T>(of: (some: readonly FitCase[]) => T): T[] =>
    NOISES.map((noise) => of(ofNoise(noise)));
  const ones = (some: readonly FitCase[]) => some.filter(({ views }) => views.length === 1);
  const twos = (some: readonly FitCase[]) => some.filter(({ views }) => views.length === 2);
  const joints = JUDGED.map((judged): JointFit => ({
    joint: judged[0],
    flat: byNoise((some) => errorOf(ones(some).flatMap((one) => flatError(one, judged)))),
    one: byNoise((some) => errorOf(fittedErrors(ones(some), [judged]))),
    two: byNoise((some) => errorOf(fittedErrors(twos(some), [judged]))),
  }));
  const thumb = JUDGED.filter(([, , group]) => group === 'thumb');
  const fingers = JUDGED.filter(([, id]) => id.endsWith('Pip'));
  const apart = (some: readonly FitCase[]) => ({
    thumb: byNoise((noisy) => errorOf(fittedErrors(both(noisy, some), thumb))),
    fingers: byNoise((noisy) => errorOf(fittedErrors(both(noisy, some), fingers))),
  });
  const kinds = [...new Set(cases.map(({ views }) => views.join('+')))];
  const groups = kinds.map((kind) => cases.filter(({ views }) => views.join('+') === kind));
  return {
    joints,
    pairs: groups
      .filter(([first]) => first!.views.length === 2)
      .map((some) => ({ views: some[0]!.views, ...apart(some) })),
    singles: groups
      .filter(([first]) => first!.views.length === 1)
      .map((some) => ({ view: some[0]!.views[0]!, ...apart(some) })),
    covered: byNoise((some) => coverage(twos(some))),
    intervals: byNoise((some) => intervalsOf(ones(some))),
    refused: {
      one: ones(cases).filter(({ fitted }) => !fitted).length,
      two: twos(cases).filter(({ fitted }) => !fitted).length,
      cases: cases.length,
    },
    medianMs: { one: medianOf(ones(cases)), two: medianOf(twos(cases)) },
  };
}

const both = (a: readonly FitCase[], b: readonly FitCase[]) => a.filter((one) => b.includes(one));

function flatError({ views, truths, captures }: FitCase, [, joint, group, a, c]: Judged): number[] {
  const turn = flexionTurn(group, views[0]!, 'right');
  const real = trueBend(truths, joint);
  // The signs are those of hands over the stick.
  if (turn === null || real === undefined || captures[0]!.frogLength.mm === 60) return [];
  const { points } = captures[0]!;
  return [flexion2d(points[a]!, points[joint]!, points[c]!, turn) - real];
}

function fittedErrors(cases: readonly FitCase[], judged: readonly Judged[]): number[] {
  return cases.flatMap(({ fitted, truths }) =>
    judged.flatMap(([, id]) => {
      const told = fitted?.joints.find((joint) => joint.id === id);
      const real = trueBend(truths, id);
      return told && real !== undefined ? [told.value - real] : [];
    }),
  );
}

function coverage(cases: readonly FitCase[]): { one: number; two: number } {
  const sds = cases.flatMap(({ fitted, truths }) =>
    JUDGED.flatMap(([, id]) => {
      const told = fitted?.joints.find((joint) => joint.id === id);
      const real = trueBend(truths, id);
      return told && !told.interval && real !== undefined
        ? [Math.abs(told.value - real) / told.sd]
        : [];
    }),
  );
  const within = (most: number) => sds.filter((sd) => sd <= most).length / sds.length;
  return { one: within(1), two: within(2) };
}

function intervalsOf(cases: readonly FitCase[]): { share: number; widthDeg: number } {
  const told = cases.flatMap(({ fitted, truths }) =>
    JUDGED.flatMap(([, id]) => {
      const interval = fitted?.joints.find((joint) => joint.id === id)?.interval;
      const real = trueBend(truths, id);
      return interval && real !== undefined ? [{ ...interval, real }] : [];
    }),
  );
  const inside = told.filter(({ lo, hi, real }) => lo <= real && real <= hi).length;
  const width = told.reduce((sum, { lo, hi }) => sum + hi - lo, 0) / told.length;
  return { share: inside / told.length, widthDeg: width };
}

function errorOf(errors: readonly number[]): BendError {
  const n = errors.length;
  if (n === 0) return { n, mean: NaN, p90: NaN, bias: NaN };
  const sizes = errors.map(Math.abs).sort((a, b) => a - b);
  return {
    n,
    mean: sizes.reduce((sum, e) => sum + e, 0) / n,
    p90: sizes[Math.min(n - 1, Math.floor(0.9 * n))]!,
    bias: errors.reduce((sum, e) => sum + e, 0) / n,
  };
}

const medianOf = (cases: readonly FitCase[]): number =>
  cases.map(({ ms }) => ms).sort((a, b) => a - b)[cases.length >> 1]!;
