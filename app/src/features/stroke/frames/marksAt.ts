import type { Vec2 } from '@open-palm/core/units';
import type { MarkableFrame, MarkName } from './markableFrame';

/** Marks at any time: between those of the frames before and after, where both have them. */
export function marksAt(frames: readonly MarkableFrame[], timeS: number): MarkableFrame['marks'] {
  const kept = frames.filter(({ dropped }) => !dropped);
  const after = kept.findIndex(({ picture }) => picture.timeS >= timeS - 1e-6);
  if (after < 0) return {};
  const to = kept[after]!;
  if (Math.abs(to.picture.timeS - timeS) < 1e-6) return to.marks;
  const from = kept[after - 1];
  if (!from) return {};
  const share = (timeS - from.picture.timeS) / (to.picture.timeS - from.picture.timeS);
  const marks: Partial<Record<MarkName, Vec2>> = {};
  for (const name of Object.keys(from.marks) as MarkName[]) {
    const [a, b] = [from.marks[name]!, to.marks[name]];
    if (b) marks[name] = { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) };
  }
  return marks;
}
