import type { MergedMeasure, NumberMeasure } from '@open-palm/core/measure';

/** A thumb that is too straight. */
export const THUMB_BEND: NumberMeasure = {
  kind: 'number',
  id: 'thumbIpFlexion',
  family: 'thumb',
  unit: 'deg',
  value: -3.7,
  sd: 4.6,
  verdict: 'low',
  band: { lo: 20, hi: 60 },
  decidable: true,
  implausible: false,
  retake: null,
};

/** A measure of one picture, as a look has it. */
export const mergedOf = (
  measure: NumberMeasure,
  more: Partial<MergedMeasure> = {},
): MergedMeasure => ({
  measure,
  place: null,
  sources: [{ capture: 0, measure }],
  conflict: false,
  ...more,
});
