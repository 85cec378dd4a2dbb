import { compareTakes, type StrokeAnalysis } from '@open-palm/core/stroke';
import { strokeWords } from '../../foundation/strings/stroke';

const words = strokeWords;

/** A difference counts from so many of its standard deviations. */
const SURE_SD = 2;

/** What differs between two takes, in sentences. */
export function compareWords(earlier: StrokeAnalysis, later: StrokeAnalysis): string[] {
  const { range, smoothness, sameTempo } = compareTakes(earlier, later);
  const sentences: string[] = [];
  const [from, to] = [earlier.ranges.wristFlexion, later.ranges.wristFlexion];
  if (range && from && to) {
    const by = words.deg(Math.abs(range.deg));
    const change =
      Math.abs(range.deg) < SURE_SD * range.sd
        ? words.compare.unclear
        : range.deg > 0
          ? words.compare.more(by)
          : words.compare.less(by);
    sentences.push(words.compare.range(change, words.deg(from.deg), words.deg(to.deg)));
  }
  if (!sameTempo) sentences.push(words.compare.otherTempo);
  else if (smoothness !== null && Math.abs(smoothness) > LEAST_SMOOTHNESS) {
    sentences.push(smoothness > 0 ? words.compare.smoother : words.compare.rougher);
  }
  return sentences;
}

/** Less than this in smoothness differs from stroke to stroke of one player. [memory] */
const LEAST_SMOOTHNESS = 1;
