import type { Hold } from '../holds';
import type { Issue } from '../issue';
import { findCaptureIssues } from './captureIssues';
import type { Look } from './measureCheck';
import { findTapIssues } from './taps';

/** Everything that makes a look unfit to be judged, with the place of each: `captures[1] hand[4]`, `taps[0]`. */
export function findLookIssues({ captures, taps }: Omit<Look, 'context'>, hold: Hold): Issue[] {
  if (captures.length + taps.length === 0) return [{ code: 'nothingMarked', where: 'captures' }];
  return [
    ...captures.flatMap((capture, i) =>
      findCaptureIssues(capture).map((issue) => ({
        ...issue,
        where: `captures[${i}] ${issue.where}`,
      })),
    ),
    ...findTapIssues(taps, hold),
  ];
}
