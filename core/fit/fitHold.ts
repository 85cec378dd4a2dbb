import { HAND_POINTS, type HandFacts, type HandPointName } from '../hand';
import type { Hold } from '../holds';
import { InputError, type Issue } from '../issue';
import { pathOf, type Capture, type MeasureId, type PointName, type Side } from '../measure';
import { fitConsistency, nameOf, type MisplacedPoint } from './fitConsistency';
import { apartDeg } from './camera/nominalCamera';
import { factsOf } from './fitFacts';
import { missingBowMarks, seenPicture } from './fitInput';
import { FitProblem } from './fitProblem';
import type { FitState } from './fitState';
import { pointsOf, withUncertainty, type FittedValue } from './fitUncertainty';
import type { FittedJoint } from './fittedGeometry';
import { FITTED_JOINTS, FITTED_MEASURES } from './fittedMeasures';
import type { Minimum } from './minimise/levenbergMarquardt';
import { atOnce, searchMinima, type InSteps, type SearchEffort } from './searchMinima';
import { APART_ENOUGH_DEG, secondViews, type SecondView } from './secondView';

/** A hand fitted to one to three pictures of the same hold. */
export interface FittedHold {
  side: Side;
  joints: FittedValue<FittedJoint>[];
  /** The measures that the fitted hand tells, without a verdict. */
  measures: FittedValue<MeasureId>[];
  /**
   * The 21 points in the bow's frame of a right hand, mm: x to the tip from the frog's front, y away from the hair,
   * z to the fingers' side. A left hand is told in the mirror.
   */
  pointsMm: [number, number, number][];
  /** How far each marked point lies from where the fitted hand shows it. */
  residuals: { picture: number; point: PointName; px: number; sds: number }[];
  /** Points that contradict everything else and were left out. */
  misplaced: MisplacedPoint[];
  /** The widest angle between two lines of sight, degrees; null with one picture. */
  apartDeg: number | null;
  /** Further pictures that would help, best first. */
  secondViews: SecondView[];
}

/** How many pictures one fit can take. */
export const MOST_PICTURES = 3;

/** With fewer marked points of the hand a picture says too little. [memory] */
export const FEWEST_POINTS = 10;

/** Two pictures whose points all lie this near to each other, as a share of the picture, are one picture. [memory] */
const SAME_PICTURE_SHARE = 1e-3;

/** At most so many points may be left out. [memory] */
const MOST_MISPLACED = 2;

const EFFORT: Record<'one' | 'several', SearchEffort> = {
  one: { starts: 16, kept: 6, rounds: 2 },
  several: { starts: 8, kept: 3, rounds: 1 },
};

/**
 * Fits a hand with real bones and joint limits to the points of one to three pictures of the same hold.
 *
 * @param captures free of issues, all of the same hand
 * @throws InputError when the pictures do not give a hand: `tooFewPoints`, `notMarked`, `samePicture`, `otherHand`,
 *   `mirroredPicture`, `pictureContradicts` and `differentHolds`, each with the place of the picture
 */
export const fitHold = (captures: readonly Capture[], hold: Hold, hand: HandFacts): FittedHold =>
  atOnce(fitHoldInSteps(captures, hold, hand));

/** The same in steps, so that whoever waits can be told, and can stop. A misplaced point makes it begin anew. */
export function* fitHoldInSteps(
  captures: readonly Capture[],
  hold: Hold,
  hand: HandFacts,
): InSteps<FittedHold> {
  const issues = findFitIssues(captures);
  if (issues.length > 0) throw new InputError(issues);
  const facts = factsOf(hold, hand);
  const effort = EFFORT[captures.length === 1 ? 'one' : 'several'];
  const misplaced: MisplacedPoint[] = [];
  for (;;) {
    const pictures = captures.map((capture, i) =>
      seenPicture(
        capture,
        misplaced.flatMap(({ picture, point }) => (picture === i ? [point] : [])),
      ),
    );
    const problem = new FitProblem(pictures, facts);
    const minima = yield* searchMinima(problem, effort);
    const agreement = fitConsistency(captures, facts, problem, minima[0]!);
    if (agreement.kind === 'agree') return fitted(captures, problem, minima, misplaced);
    if (agreement.kind !== 'misplaced') throw new InputError([issueOf(agreement)]);
    misplaced.push(agreement.at);
    if (misplaced.length > MOST_MISPLACED) throw new InputError([issueOf({ kind: 'differ' })]);
  }
}

/** Everything that makes these captures unfit for a fit, before anything is computed. */
export function findFitIssues(captures: readonly Capture[]): Issue[] {
  if (captures.length === 0) return [{ code: 'nothingMarked', where: 'captures' }];
  if (captures.length > MOST_PICTURES) {
    return [{ code: 'tooManyPictures', where: 'captures', params: { most: MOST_PICTURES } }];
  }
  const issues: Issue[] = [];
  captures.forEach((capture, i) => {
    const where = `captures[${i}]`;
    const seen = HAND_POINTS.filter((name) => capture.points[name]).length;
    if (seen < FEWEST_POINTS) {
      issues.push({ code: 'tooFewPoints', where, params: { seen, fewest: FEWEST_POINTS } });
    }
    for (const name of missingBowMarks(capture)) {
      issues.push({ code: 'notMarked', where: `${where} ${pathOf(name)}` });
    }
    const twin = captures.slice(0, i).findIndex((other) => isSamePicture(capture, other));
    if (twin >= 0) issues.push({ code: 'samePicture', where, params: { other: twin + 1 } });
    if (capture.side !== captures[0]!.side) issues.push({ code: 'otherHand', where });
  });
  return issues;
}

function isSamePicture(a: Capture, b: Capture): boolean {
  const both = HAND_POINTS.filter((name) => a.points[name] && b.points[name]);
  const near = SAME_PICTURE_SHARE * Math.max(a.image.width, a.image.height);
  return (
    both.length > 0 &&
    both.every((name: HandPointName) => {
      const [p, q] = [a.points[name]!, b.points[name]!];
      return Math.hypot(p.x - q.x, p.y - q.y) <= near;
    })
  );
}

function issueOf(
  agreement: { kind: 'mirrored' | 'contradicts'; picture: number } | { kind: 'differ' },
): Issue {
  if (agreement.kind === 'differ') return { code: 'differentHolds', where: 'captures' };
  const code = agreement.kind === 'mirrored' ? 'mirroredPicture' : 'pictureContradicts';
  return { code, where: `captures[${agreement.picture}]` };
}

function fitted(
  captures: readonly Capture[],
  problem: FitProblem,
  minima: readonly Minimum<FitState>[],
  misplaced: MisplacedPoint[],
): FittedHold {
  const { state } = minima[0]!;
  const apart = widestApart(state);
  const isAmbiguous = apart === null || apart < APART_ENOUGH_DEG;
  return {
    side: captures[0]!.side,
    joints: withUncertainty(problem, minima, FITTED_JOINTS, isAmbiguous),
    measures: withUncertainty(problem, minima, FITTED_MEASURES, isAmbiguous),
    pointsMm: pointsOf(problem, state),
    residuals: problem
      .misfits(state)
      .map(({ picture, mark, px, sds }) => ({ picture, point: nameOf(mark), px, sds })),
    misplaced,
    apartDeg: apart,
    secondViews: secondViews(problem, state),
  };
}

function widestApart({ cameras }: FitState): number | null {
  const pairs = cameras.flatMap((a, i) => cameras.slice(i + 1).map((b) => apartDeg(a, b)));
  return pairs.length === 0 ? null : Math.max(...pairs);
}
