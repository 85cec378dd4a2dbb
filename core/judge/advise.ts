import type { Hold } from '../holds';
import type { Context } from '../measure';
import { contradictionsIn, withoutContradictions } from './contradictions';
import type { Finding } from './findings';
import { rankCauses, type RankedCause } from './diagnose';
import type { StudentPriors } from './priors';
import type { Contradiction, DiagnosisNumbers } from './judgeSchema';
import { NUMBERS, SIGNS } from './knowledge';
import { holdNetwork } from './network';
import { posteriors } from './noisyOr';
import { isMinor, pointsOf, type Point, type PointFacts } from './points';
import { questionOf, type AskFacts, type Question } from './question';

/** What is said next, and to whom and when it is said. */
export interface AdviceFacts extends AskFacts {
  /** As it is meant for the student, with the teacher's answers. */
  hold: Pick<Hold, 'bow' | 'checkpoints' | 'tests'>;
  context?: Context;
  student?: StudentPriors;
  /** Something hurts: then nothing else is said. */
  hurts?: boolean;
  /** Only watching: what was seen is listed. */
  watches?: boolean;
  /** Whether a question may be asked now. */
  asks?: boolean;
  /** At most so many things: two in a lesson, four in a letter. */
  most?: number;
  numbers?: DiagnosisNumbers;
}

export type Advice = {
  /** Pairs of signs that cannot both be: which it was is asked, and neither counts. */
  contradictions: readonly Contradiction[];
} & (
  | { kind: 'rest' }
  /** Listed, in watch mode. */
  | { kind: 'watched'; signs: string[]; holds: string[] }
  /** Nothing was seen of any sign, or only what contradicts itself. */
  | { kind: 'nothingSeen' }
  /** Every sign that was seen is absent: what holds is named. */
  | { kind: 'nothingToFix'; holds: string[] }
  /** Only small things: noted, and nothing is changed while the hand is soft and sounds well. */
  | { kind: 'minor'; signs: string[]; holds: string[] }
  | {
      kind: 'toWorkOn';
      points: Point[];
      /** All causes of what was seen, the likeliest and gravest in front. */
      ranked: RankedCause[];
      holds: string[];
      ask: Question | null;
    }
);

/** Signs of a bow that leaves its path: it is what gets in a player's way later. */
const OF_THE_PATH = ['bowSkewedIn', 'bowSkewedOut', 'bowDrawsArc'];

/** Where there is room for more than a lesson's two points, the path is one of them. */
function withThePath(
  points: Point[],
  ranked: readonly RankedCause[],
  present: readonly string[],
  facts: PointFacts,
): Point[] {
  const speaksOfIt = ({ signs }: Point) => signs.some((sign) => OF_THE_PATH.includes(sign));
  if (points.length <= MOST_IN_A_LESSON || points.some(speaksOfIt)) return points;
  const path = pointsOf(ranked, present, facts, present.length).find(speaksOfIt);
  return path ? [...points.slice(0, -1), path] : points;
}

const PLACE_OF = new Map(SIGNS.map(({ id }, i) => [id, i]));
const placeOf = (sign: string): number => PLACE_OF.get(sign) ?? 0;

/** In a lesson so many things are corrected at most. [practice] */
const MOST_IN_A_LESSON = 2;

/** What a good teacher would say next of what was seen. */
export function advise(
  given: readonly Finding[],
  {
    hold,
    context = 'free',
    student = {},
    hurts = false,
    watches = false,
    asks = true,
    most = MOST_IN_A_LESSON,
    numbers = NUMBERS,
    answered: before = [],
    ...ask
  }: AdviceFacts,
): Advice {
  // In the order of the signs, so that the order of the evidence makes no difference.
  const findings = [...given].sort((a, b) => placeOf(a.sign) - placeOf(b.sign));
  const contradictions = contradictionsIn(findings);
  if (hurts) return { kind: 'rest', contradictions };
  const counted = withoutContradictions(findings);
  const present = counted.filter((finding) => finding.present).map(({ sign }) => sign);
  const holds = counted.filter((finding) => !finding.present).map(({ sign }) => sign);
  if (watches && present.length > 0) {
    return { kind: 'watched', signs: present, holds, contradictions };
  }
  if (counted.length === 0) return { kind: 'nothingSeen', contradictions };
  if (present.length === 0) return { kind: 'nothingToFix', holds, contradictions };
  if (present.every(isMinor)) return { kind: 'minor', signs: present, holds, contradictions };
  const known = holdNetwork(counted, hold, student, numbers);
  const facts: PointFacts = { hold, context, numbers };
  // What contradicts itself is asked about already.
  const answered = [...before, ...contradictions.flatMap(({ signs }) => signs)];
  const ranked =
    known.present.length === 0 ? [] : rankCauses(known, posteriors(known.network), numbers);
  const unexplained = present.filter((id) => !known.present.some(({ sign }) => sign === id));
  return {
    kind: 'toWorkOn',
    points: withThePath(pointsOf(ranked, present, facts, most), ranked, present, facts),
    ranked,
    holds,
    ask: asks ? questionOf(known, unexplained, facts, { ...ask, answered }) : null,
    contradictions,
  };
}
