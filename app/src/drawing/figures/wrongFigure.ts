import type { Hold } from '@open-palm/core/holds';
import { SIGNS } from '@open-palm/core/judge';
import { tapQuestion, type MeasureId } from '@open-palm/core/measure';

/** How a sign looks that a checkpoint tells: its category, or the drawn choice furthest out on its side; null for any other sign. */
export function wrongFigure(
  id: string,
  hold: Hold,
): { measure: MeasureId; answer: number | string } | null {
  const from = SIGNS.find((sign) => sign.id === id)?.from;
  if (!from || !('measure' in from)) return null;
  const { measure } = from;
  if ('categories' in from) return { measure, answer: from.categories[0]! };
  const question = tapQuestion(measure, hold);
  if (question.kind !== 'values') return null;
  const ends = [question.values[0]!, question.values.at(-1)!] as const;
  return { measure, answer: from.verdict === 'low' ? ends[0] : ends[1] };
}
