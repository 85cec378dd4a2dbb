import type { PointName } from '@open-palm/core/measure';
import { BONES } from '@open-palm/core/hand';

/** Lines drawn between marks, so that a misplaced one stands out. */
export const LINES: readonly (readonly [PointName, PointName])[] = [
  ...BONES,
  ['forearm', 'wrist'],
  ['stickHandEnd', 'stickTipEnd'],
  ['frogFront', 'frogBack'],
  ['stringUpper', 'stringLower'],
];
