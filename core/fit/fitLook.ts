import { HAND_POINTS, type HandFacts } from '../hand';
import type { Hold } from '../holds';
import { InputError, type Issue } from '../issue';
import { placeOf, type Look, type LookFit, type Place, type PlacedCapture } from '../measure';
import { FEWEST_POINTS, fitHoldInSteps, MOST_PICTURES, type FittedHold } from './fitHold';
import { missingBowMarks } from './fitInput';
import type { InSteps } from './searchMinima';

/** The hand that was fitted to some of a look's pictures, or why there is none. */
export interface FitOfLook {
  /** Which of the look's captures, in their order. */
  captures: number[];
  place: Place | null;
  fitted: FittedHold | null;
  /** Why there is no hand; the places in it are those of the whole look. */
  issues: readonly Issue[];
}

/** Whether a picture shows enough of hand and bow to be fitted. */
const isUsable = (capture: PlacedCapture): boolean =>
  missingBowMarks(capture).length === 0 &&
  HAND_POINTS.filter((name) => capture.points[name]).length >= FEWEST_POINTS;

/**
 * Which pictures of a look are fitted together: those that were taken at the same place in the bow, as long as they show
 * enough; of more than a fit can take, one of each view first.
 */
export function fitGroups({
  context,
  captures,
}: Look): { captures: number[]; place: Place | null }[] {
  const own = placeOf(context);
  const groups = new Map<Place | null, number[]>();
  captures.forEach((capture, i) => {
    if (!isUsable(capture)) return;
    const place = capture.place ?? own;
    groups.set(place, [...(groups.get(place) ?? []), i]);
  });
  return [...groups].map(([place, group]) => {
    const isFirstOfView = (i: number) =>
      group.findIndex((k) => captures[k]!.view === captures[i]!.view) === group.indexOf(i);
    const ordered = [...group.filter(isFirstOfView), ...group.filter((i) => !isFirstOfView(i))];
    return { place, captures: ordered.slice(0, MOST_PICTURES).sort((a, b) => a - b) };
  });
}

/**
 * Fits a hand to every group of pictures of a look, in steps.
 *
 * @param look free of issues
 * @param fewest groups of fewer pictures are passed over: one picture gives intervals only
 */
export function* fitLookInSteps(
  look: Look,
  hold: Hold,
  hand: HandFacts,
  fewest = 1,
): InSteps<FitOfLook[]> {
  const groups = fitGroups(look).filter(({ captures }) => captures.length >= fewest);
  const fits: FitOfLook[] = [];
  for (const [i, group] of groups.entries()) {
    const captures = group.captures.map((k) => look.captures[k]!);
    const work = fitHoldInSteps(captures, hold, hand);
    try {
      let step = work.next();
      while (!step.done) {
        yield (i + step.value) / groups.length;
        step = work.next();
      }
      fits.push({ ...group, fitted: step.value, issues: [] });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      const issues = error.issues.map((issue) => inLook(issue, group.captures));
      fits.push({ ...group, fitted: null, issues });
    }
  }
  return fits;
}

/** An issue of some captures as one of the whole look. */
function inLook(issue: Issue, captures: readonly number[]): Issue {
  const where = issue.where.replace(
    /^captures\[(\d+)\]/,
    (_, k: string) => `captures[${captures[Number(k)]}]`,
  );
  const other = issue.params?.other;
  return typeof other === 'number' && issue.code === 'samePicture'
    ? { ...issue, where, params: { other: captures[other - 1]! + 1 } }
    : { ...issue, where };
}

/**
 * What the fitted hands of a look tell as numbers: only what has one best answer. An interval over several equally good
 * answers is shown, never judged.
 */
export const lookFitsOf = (fits: readonly FitOfLook[]): LookFit[] =>
  fits.flatMap(({ captures, place, fitted }) =>
    fitted
      ? [
          {
            captures,
            place,
            measures: fitted.measures.flatMap(({ id, value, sd, interval }) =>
              interval ? [] : [{ id, value, sd }],
            ),
          },
        ]
      : [],
  );
