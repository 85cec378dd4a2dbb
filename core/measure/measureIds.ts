/** The four families in which a hold is told, in the order in which they are looked at. */
export const FAMILIES = ['thumb', 'fingers', 'little', 'wrist'] as const;

export type Family = (typeof FAMILIES)[number];

export const UNITS = ['deg', 'mm', 'u', 'fingerBreadth', 'ratio', 'category'] as const;

export type Unit = (typeof UNITS)[number];

/** Every measure there is, in the order of inspection; the ids used in files, the command line and keys. */
export const MEASURE_IDS = [
  'thumbIpFlexion',
  'thumbMcpFlexion',
  'thumbContact',
  'thumbPlace',
  'thumbThrough',
  'thumbApproach',
  'thumbOpposition',
  'thumbFacet',
  'indexDepth',
  'indexLead',
  'middleDepth',
  'ringDepth',
  'ferruleFinger',
  'gap12',
  'gap23',
  'gap34',
  'gapEvenness',
  'spread',
  'gapRatio12',
  'gapRatio23',
  'gapRatio34',
  'indexPipFlexion',
  'middlePipFlexion',
  'ringPipFlexion',
  'littlePlace',
  'littleDepth',
  'littlePipFlexion',
  'littleDipFlexion',
  'handLean',
  'knuckleHeight',
  'wristFlexion',
  'wristDeviation',
  'wristRange',
  'elbowBend',
  'elbowLevel',
  'stickRoll',
  'bowSkew',
  'hairClearance',
] as const;

export type MeasureId = (typeof MEASURE_IDS)[number];

/** Places in the bow at which a hold is looked at. */
export const PLACES = ['heel', 'middle', 'point'] as const;

export type Place = (typeof PLACES)[number];
