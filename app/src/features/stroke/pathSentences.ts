import type { StrokeAnalysis, Estimate } from '@open-palm/core/stroke';
import { strokeWords } from '../../foundation/strings/stroke';

const words = strokeWords.path;

/** Less than this many of its doubts from square is not sure. */
const SURE_SD = 2;

/** As square as anyone draws, degrees. [memory] */
const SQUARE_DEG = 4;

/** What a take from the front says of the bow's path; without a band it is told, not judged. */
export function pathSentences({ skew }: Pick<StrokeAnalysis, 'skew'>): string[] {
  const seen = [skew.heel, skew.middle, skew.point].filter((mean) => mean !== null);
  if (seen.length === 0) return [];
  const most = seen.reduce((best, one) => (Math.abs(one.deg) > Math.abs(best.deg) ? one : best));
  const { heel, point } = skew;
  if (heel && point && isSure({ deg: point.deg - heel.deg, sd: Math.hypot(heel.sd, point.sd) })) {
    return [
      words.says.drifts(estimateWords(heel), estimateWords(point), wayOf(point.deg - heel.deg)),
    ];
  }
  if (isSure(most)) return [words.says.skewed(estimateWords(most), wayOf(most.deg))];
  return Math.abs(most.deg) + most.sd <= SQUARE_DEG + SURE_SD
    ? [words.says.square(estimateWords(most))]
    : [words.says.unsure(estimateWords(most))];
}

const isSure = ({ deg, sd }: Estimate): boolean =>
  Math.abs(deg) > Math.max(SQUARE_DEG, SURE_SD * sd);

const estimateWords = ({ deg, sd }: Estimate): string => strokeWords.told(deg, sd);

const wayOf = (deg: number): string => (deg > 0 ? words.toScroll : words.toBridge);
