import type { StrokeVerdict } from '@open-palm/core/stroke';
import { strokeWords } from '../../foundation/strings/stroke';

const words = strokeWords;

/** What a take says in sentences, the most telling first; what is as it should be at single places is not told. */
export const strokeSentences = (verdicts: readonly StrokeVerdict[]): string[] =>
  verdicts.flatMap((verdict) => sentenceOf(verdict) ?? []);

function sentenceOf(verdict: StrokeVerdict): string | null {
  switch (verdict.code) {
    case 'supple':
    case 'locked':
    case 'tooWide':
    case 'rangeUnsure':
    case 'notEnough':
      return words.says[verdict.code](verdict.deg, verdict.sd, verdict.band);
    case 'compensating':
      return words.says.compensating(verdict.fingersDeg);
    case 'placeLow':
    case 'placeHigh':
      return words.says[verdict.code](
        words.places[verdict.place],
        words.told(verdict.deg, verdict.sd),
        words.wanted(verdict.band),
      );
    case 'turnsAsWanted':
    case 'turnsOtherWay':
      return words.says[verdict.code];
    case 'placeIn':
    case 'placeUnsure':
    case 'turnUnclear':
      return null;
  }
}

/** Whether the wrist as a whole is as wanted, for the mark beside the sentence. */
export function strokeMark(verdicts: readonly StrokeVerdict[]): 'in' | 'out' | 'unsure' | 'none' {
  const [range] = verdicts;
  if (!range) return 'none';
  if (range.code === 'supple') return 'in';
  return range.code === 'locked' || range.code === 'tooWide' ? 'out' : 'unsure';
}
