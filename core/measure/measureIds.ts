/** The four families in which a hold is told, in the order in which they are looked at. */
export const FAMILIES = ['thumb', 'fingers', 'little', 'wrist'] as const;

export type Family = (typeof FAMILIES)[number];

export const UNITS = ['deg', 'mm', 'u', 'fingerBreadth', 'ratio', 'category'] as const;

export type Unit = (typeof UNITS)[number];

/** Every measure there is so far, in the order of inspection; the ids used in files, the command line and keys. */
export const MEASURE_IDS = [
  'thumbIpFlexion',
  'thumbMcpFlexion',
  'thumbPlace',
  'thumbApproach',
  'thumbOpposition',
  'indexDepth',
  'indexLead',
  'middleDepth',
  'ringDepth',
  'gap12',
  'gap23',
  'gap34',
  'gapEvenness',
  'spread',
  'littlePlace',
  'littleDepth',
  'littlePipFlexion',
  'littleDipFlexion',
  'handLean',
  'wristFlexion',
  'wristDeviation',
  'bowSkew',
] as const;

export type MeasureId = (typeof MEASURE_IDS)[number];

/** Where the little finger rests, as far as a picture from the finger side or the player's eye can tell. */
export const LITTLE_PLACES = ['top', 'over', 'off'] as const;

export type LittlePlace = (typeof LITTLE_PLACES)[number];
