import type { StrokeAnalysis } from '@open-palm/core/stroke';
import { strokeWords } from '../../foundation/strings/stroke';
import { frameNearest, subjectOf } from './strokeLines';

const words = strokeWords.clip.scrub;

/** What a take reads at a time, in words. */
export function readAt(analysis: StrokeAnalysis, timeS: number): string {
  const subject = subjectOf(analysis);
  const { timesS, channels, noiseSd } = analysis.even;
  const nearest = frameNearest(timesS, timeS);
  const value = channels[subject]?.[nearest] ?? null;
  const at = words.at(timeS);
  if (value === null) return words.saysNothing(at);
  const angle = strokeWords.told(value, noiseSd[subject] ?? 0);
  return subject === 'bowSkew' ? words.saysPath(at, angle) : words.says(at, angle);
}
