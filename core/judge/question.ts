import type { Level } from '../practice';
import { fittingCues } from './cuesOf';
import { rankCauses, type RankedCause } from './diagnose';
import { SIGNS } from './knowledge';
import type { HoldNetwork } from './network';
import { MOST_BY_SUBSETS, subsetSum } from './subsetSum';
import { pointsOf, type PointFacts } from './points';
import { canShow, isSeenIn } from './signsOf';

/** Something that would change what is said, to be looked at in one tap. */
export interface Question {
  sign: string;
  /** By how much the answer raises the probability that what is said first fits a true cause. */
  gain: number;
}

/** What must not be asked, or need not be. */
export interface AskFacts {
  /** Signs that were answered already, not sure included. */
  answered?: readonly string[];
  level?: Level;
}

/**
 * The one question with the largest expected gain in what would be said: Σ over its answers of P(answer) × P(the first cue
 * fits a true cause | answer), minus the same without asking. Two causes that end in the same cue are one answer.
 *
 * @returns null where no question gains enough, or too much was seen already
 */
export function questionOf(
  known: HoldNetwork,
  unexplained: readonly string[],
  facts: PointFacts,
  { answered = [], level }: AskFacts = {},
): Question | null {
  const { network, causes, present, linksOf } = known;
  if (present.length === 0 || network.present.length > MOST_BY_SUBSETS) return null;
  const sum = subsetSum(network);
  const { posteriors, evidence } = sum.asSeen();
  const answers = causes.map(({ cues }) => fittingCues(cues, facts.hold, facts.context));
  const signs = present.map(({ sign }) => sign);

  /** The causes that the first cue would fit, if this was seen and this were so likely. */
  const fitted = (seen: readonly string[], posterior: readonly number[]): ReadonlySet<number> => {
    const ranked = rankCauses(
      { causes, linksOf, present: seen.map(asPresent) },
      posterior,
      facts.numbers,
    );
    const cue = firstCue(ranked, [...seen, ...unexplained], facts);
    return new Set(answers.flatMap((cues, i) => (cue !== null && cues.includes(cue) ? [i] : [])));
  };
  const now = evidence - sum.evidenceWithout(fitted(signs, posteriors));
  const best = candidates(known, posteriors, facts, answered, level)
    .map((sign): Question => {
      const links = linksOf(sign);
      const [absent, there] = [sum.ifAbsent(links), sum.ifPresent(links)];
      const ifAbsent = fitted(signs, absent.posteriors);
      const ifThere = fitted([...signs, sign], there.posteriors);
      const fits =
        absent.evidence -
        sum.evidenceWithout(ifAbsent, links) +
        there.evidence -
        (sum.evidenceWithout(ifThere) - sum.evidenceWithout(ifThere, links));
      return { sign, gain: (fits - now) / evidence };
    })
    .sort((a, b) => b.gain - a.gain)[0];
  return best && best.gain >= facts.numbers.leastGain ? best : null;
}

/** The first thing that would be said; null for nothing. */
export const firstCue = (
  ranked: readonly RankedCause[],
  present: readonly string[],
  facts: PointFacts,
): string | null => pointsOf(ranked, present, facts, 1)[0]?.cues[0] ?? null;

const asPresent = (sign: string) => ({ sign, present: true, group: sign });

/** A cause that is less likely than this is not asked about. [memory] */
const LEAST_POSTERIOR = 0.05;

/** Signs that a person can look at or feel here, that nobody answered, and that speak of a cause of what was seen. */
function candidates(
  { causes, present, absent, linksOf }: HoldNetwork,
  posteriors: readonly number[],
  { hold, context }: PointFacts,
  answered: readonly string[],
  level: Level | undefined,
): string[] {
  const links = present.map(({ sign }) => linksOf(sign));
  const isAsked = causes.map(
    (_, i) => posteriors[i]! >= LEAST_POSTERIOR && links.some((link) => link[i]! > 0),
  );
  const known = new Set([...present, ...absent].map(({ sign }) => sign));
  const groups = new Set(SIGNS.filter(({ id }) => known.has(id)).map(categoryOf));
  return SIGNS.filter((sign) => {
    const { id, from, levels } = sign;
    if (known.has(id) || answered.includes(id) || 'test' in from || 'opposites' in from)
      return false;
    if (levels && !(level && (levels as readonly string[]).includes(level))) return false;
    // What was measured, or answered as a category, is known: asking the same again would be a second opinion.
    const category = categoryOf(sign);
    if (category !== null && groups.has(category)) return false;
    if (!canShow(hold, sign) || !isSeenIn(sign, context)) return false;
    return linksOf(id).some((link, i) => link > 0 && isAsked[i]);
  }).map(({ id }) => id);
}

const categoryOf = ({ from }: (typeof SIGNS)[number]): string | null =>
  'measure' in from ? from.measure : null;
