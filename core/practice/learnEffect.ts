/** Until which lesson a drill was practised, and what came of it. */
export interface DrillPeriod {
  daysPlanned: number;
  daysDone: number;
  /** Whether the family of the cause really changed for the better, as tracking tells it. */
  isImproved: boolean;
}

/** What is known of a drill's effect on a student. */
export interface LearnedEffect {
  /** Mean of the Beta distribution of its effect. */
  mean: number;
  /** Against the table's. */
  scale: number;
  /** Periods that say something. */
  periods: number;
  /** No more than the data bear. */
  says: 'seemsToHelp' | 'noSignYet' | null;
}

/** So many periods the table's effect weighs. [memory] */
const PRIOR_PERIODS = 10;
/** From so many periods on, and so far above the table's effect, something is said. [memory] */
const SAYS_FROM = { periods: 3, above: 0.15 };
/** Done on fewer of its days than this a drill tells nothing. */
const DONE_SHARE = 0.5;

/**
 * A drill's effect on a student, learned carefully: a Beta distribution about the table's effect with the weight of ten periods; a period
 * counts for it when the family really improved and the drill was done on half of its days, against it when it was done and nothing
 * improved, and not at all when it was not done.
 *
 * @param effect the table's, 0 to 1
 *
 * @example learnEffect(0.4, Array(4).fill({ daysPlanned: 6, daysDone: 5, isImproved: true })).mean // 0.571
 */
export function learnEffect(effect: number, periods: readonly DrillPeriod[]): LearnedEffect {
  const told = periods.filter(
    ({ daysDone, daysPlanned }) => daysPlanned > 0 && daysDone >= DONE_SHARE * daysPlanned,
  );
  const good = told.filter(({ isImproved }) => isImproved).length;
  const mean = (PRIOR_PERIODS * effect + good) / (PRIOR_PERIODS + told.length);
  const isEnough = told.length >= SAYS_FROM.periods;
  const helps = mean >= effect + SAYS_FROM.above;
  return {
    mean,
    scale: effect === 0 ? 1 : mean / effect,
    periods: told.length,
    says: isEnough ? (helps ? 'seemsToHelp' : 'noSignYet') : null,
  };
}
