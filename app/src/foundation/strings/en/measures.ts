import type {
  BlindReason,
  CameraTurn,
  Context,
  Family,
  MeasureId,
  Place,
  PointName,
  Unit,
  View,
} from '@open-palm/core/measure';
import type { NotApplicableReason } from '@open-palm/core/holds';

export const points: Record<PointName, string> = {
  wrist: 'Wrist',
  thumbCmc: 'Thumb: root, at the wrist',
  thumbMcp: 'Thumb: middle joint',
  thumbIp: 'Thumb: last joint',
  thumbTip: 'Thumb: tip',
  indexMcp: 'Index: knuckle',
  indexPip: 'Index: middle joint',
  indexDip: 'Index: last joint',
  indexTip: 'Index: tip',
  middleMcp: 'Middle finger: knuckle',
  middlePip: 'Middle finger: middle joint',
  middleDip: 'Middle finger: last joint',
  middleTip: 'Middle finger: tip',
  ringMcp: 'Ring finger: knuckle',
  ringPip: 'Ring finger: middle joint',
  ringDip: 'Ring finger: last joint',
  ringTip: 'Ring finger: tip',
  littleMcp: 'Little finger: knuckle',
  littlePip: 'Little finger: middle joint',
  littleDip: 'Little finger: last joint',
  littleTip: 'Little finger: tip',
  stickHandEnd: 'Stick: its middle, near the button',
  stickTipEnd: 'Stick: its middle, toward the tip',
  frogFront: 'Frog: front edge',
  frogBack: 'Frog: back edge',
  forearm: 'Forearm: its middle, well behind the wrist',
  stringUpper: 'String: toward the scroll',
  stringLower: 'String: toward the bridge',
  elbow: 'Elbow: its point',
  shoulder: 'Shoulder: its joint',
  stickMid: 'Stick: its middle, halfway along',
  hairMid: 'Hair: right under that spot',
};

export const measures: Record<MeasureId, string> = {
  thumbIpFlexion: 'Bend of the last joint',
  thumbMcpFlexion: 'Bend of the middle joint',
  thumbContact: 'Part of the thumb on the stick',
  thumbPlace: 'Place on the stick',
  thumbThrough: 'Past the stick’s far edge',
  thumbApproach: 'Angle to the stick',
  thumbOpposition: 'Against the middle finger',
  thumbFacet: 'Side of the stick',
  indexDepth: 'Index: depth',
  indexLead: 'Index ahead of the thumb',
  middleDepth: 'Middle finger: depth',
  ringDepth: 'Ring finger: depth',
  ferruleFinger: 'Finger at the ferrule',
  gap12: 'Gap index to middle',
  gap23: 'Gap middle to ring',
  gap34: 'Gap ring to little',
  gapEvenness: 'Unevenness of the gaps',
  spread: 'Spread of the hand',
  gapRatio12: 'Gap index to middle, against the hand at rest',
  gapRatio23: 'Gap middle to ring, against the hand at rest',
  gapRatio34: 'Gap ring to little, against the hand at rest',
  indexPipFlexion: 'Index: bend of the middle joint',
  middlePipFlexion: 'Middle finger: bend of the middle joint',
  ringPipFlexion: 'Ring finger: bend of the middle joint',
  littlePlace: 'Where the tip rests',
  littleDepth: 'Depth',
  littlePipFlexion: 'Bend of the middle joint',
  littleDipFlexion: 'Bend of the last joint',
  handLean: 'Lean toward the index',
  knuckleHeight: 'Height of the knuckles',
  wristFlexion: 'Wrist up or down',
  wristDeviation: 'Wrist sideways',
  wristRange: 'Wrist from heel to point',
  elbowBend: 'Bend of the elbow',
  elbowLevel: 'Level of the elbow',
  stickRoll: 'Lean of the stick on the string',
  bowSkew: 'Bow against the string',
  hairClearance: 'Stick to hair, mid-bow',
};

/** What "too low" and "too high" mean for each measure, as a teacher would say it. */
export const faults: Partial<Record<MeasureId, { low: string; high: string }>> = {
  thumbIpFlexion: { low: 'too straight', high: 'clamped' },
  thumbMcpFlexion: { low: 'bent backward', high: 'too bent' },
  thumbContact: { low: 'on the flat of its nail', high: 'on its pad' },
  thumbPlace: { low: 'too far back', high: 'too far up' },
  thumbThrough: { low: 'hidden', high: 'pokes through' },
  thumbApproach: { low: 'lies along the stick', high: 'too steep' },
  thumbOpposition: { low: 'slid to the little finger', high: 'slid to the index' },
  thumbFacet: { low: 'too far round', high: 'too far round' },
  indexDepth: { low: 'on the fingertip', high: 'too deep' },
  indexLead: { low: 'too close to the thumb', high: 'too far ahead' },
  middleDepth: { low: 'drawn back', high: 'too deep' },
  ringDepth: { low: 'drawn back', high: 'too deep' },
  ferruleFinger: { low: 'hand too far back', high: 'hand too far forward' },
  gap12: { low: 'bunched', high: 'stretched' },
  gap23: { low: 'bunched', high: 'stretched' },
  gap34: { low: 'bunched', high: 'stretched' },
  gapEvenness: { low: 'even', high: 'uneven' },
  spread: { low: 'bunched', high: 'stretched' },
  gapRatio12: { low: 'bunched', high: 'stretched' },
  gapRatio23: { low: 'bunched', high: 'stretched' },
  gapRatio34: { low: 'bunched', high: 'stretched' },
  indexPipFlexion: { low: 'too straight', high: 'hooked' },
  middlePipFlexion: { low: 'too straight', high: 'hooked' },
  ringPipFlexion: { low: 'too straight', high: 'hooked' },
  littlePlace: { low: 'off the stick', high: 'past its place' },
  littleDepth: { low: 'on the fingertip', high: 'leans far over' },
  littlePipFlexion: { low: 'too straight', high: 'hooked' },
  littleDipFlexion: { low: 'collapsed', high: 'hooked' },
  handLean: { low: 'rolled out', high: 'leans far' },
  knuckleHeight: { low: 'flat', high: 'peaked' },
  wristFlexion: { low: 'dropped', high: 'arched high' },
  wristDeviation: { low: 'bent to the little finger', high: 'bent to the thumb' },
  wristRange: { low: 'locked', high: 'does all the steering' },
  elbowBend: { low: 'locked', high: 'propped' },
  elbowLevel: { low: 'dropped', high: 'raised' },
  stickRoll: { low: 'fallen back', high: 'leans too far' },
  bowSkew: {
    low: 'the point behind the player, or sinking',
    high: 'the point toward the scroll, or rising',
  },
  hairClearance: { low: 'slack', high: 'over-tight' },
};

/** The names of categories, by their measure. */
export const categories: Partial<Record<MeasureId, Record<string, string>>> = {
  thumbContact: { nail: 'the flat of the nail', tip: 'the tip, by the nail', pad: 'the pad' },
  thumbFacet: {
    '1': 'on top',
    '2': 'the slope on top, on the fingers’ side',
    '3': 'the fingers’ side',
    '4': 'the slope beside the hair, on the fingers’ side',
    '5': 'underneath',
    '6': 'the slope beside the hair, on the thumb’s side',
    '7': 'the thumb’s side',
    '8': 'the slope on top, on the thumb’s side',
  },
  ferruleFinger: {
    index: 'index',
    middle: 'middle finger',
    ring: 'ring finger',
    little: 'little finger',
    none: 'none',
  },
  littlePlace: {
    off: 'off the stick',
    top: 'on top',
    over: 'hanging over',
    flat: 'flat on the frog',
    under: 'under the frog',
  },
  elbowLevel: { dropped: 'dropped', level: 'level with the hand', raised: 'raised' },
  stickRoll: { fallenBack: 'fallen back', upright: 'upright', leaning: 'leaning a little' },
};

export const views: Record<View, string> = {
  'finger-side': 'Finger side',
  'thumb-side': 'Thumb side',
  'player-eye': 'Player’s eye',
  'down-stick': 'Down the stick',
  profile: 'Profile with forearm',
  front: 'Front with string',
  'bow-side': 'Middle of the bow',
};

export const viewHints: Record<View, string> = {
  'finger-side': 'Face the backs of the fingers, square to the stick.',
  'thumb-side': 'Look up into the palm, at the thumb, a little from the button’s end.',
  'player-eye': 'Hold the camera by the player’s eyes.',
  'down-stick': 'Look along the stick from its end.',
  profile: 'From the button’s end, hand and forearm in the picture.',
  front: 'Bow, string, bridge and the whole arm in the picture.',
  'bow-side': 'The middle of the bow, stick, hair and frog.',
};

export const blind: Record<BlindReason, string> = {
  hidden: 'it is hidden from there',
  bendsTowardCamera: 'it bends toward the camera there',
  alongStick: 'the view looks along the stick',
  oblique: 'it is seen too obliquely from there',
  tooSmall: 'it is too small in that picture',
  outOfFrame: 'it is outside that picture',
};

export const turns: Record<CameraTurn, string> = {
  buttonEnd: 'turn the camera toward the button’s end',
  below: 'take the camera lower, and look up at the hand',
  above: 'take the camera higher, and look down a little',
};

export const notApplicable: Record<NotApplicableReason, string> = {
  thumbUnderFrog: 'the thumb sits under the frog in this hold',
  thumbOnTop: 'the thumb lies on top in this hold',
  handBehindFrog: 'the hand is behind the frog in this hold',
};

export const contexts: Record<Context, string> = {
  supported: 'Bow supported',
  free: 'Free in the air',
  heel: 'At the heel',
  middle: 'At the middle',
  point: 'At the point',
  'playing-start': 'Playing, start of lesson',
  'playing-end': 'Playing, end of lesson',
  row: 'In the row',
};

export const places: Record<Place, string> = {
  heel: 'at the heel',
  middle: 'at the middle',
  point: 'at the point',
};

export const families: Record<Family, string> = {
  thumb: 'Thumb',
  fingers: 'Fingers',
  little: 'Little finger',
  wrist: 'Wrist',
};

export const units: Record<Unit, string> = {
  deg: '°',
  mm: ' mm',
  u: ' joints',
  fingerBreadth: ' finger widths',
  ratio: '',
  category: '',
};

/** Drawn choices that the trade has words for, by their value. */
export const choiceWords: Partial<Record<MeasureId, Readonly<Record<number, string>>>> = {
  thumbIpFlexion: {
    [-20]: 'bent backward',
    0: 'straight',
    20: 'nearly straight',
    40: 'softly bent',
    60: 'well bent',
    80: 'clamped',
  },
  thumbMcpFlexion: {
    [-20]: 'gives way backward',
    0: 'straight',
    20: 'softly bent',
    40: 'well bent',
    60: 'far bent',
  },
  littlePipFlexion: {
    [-15]: 'bent backward',
    0: 'straight',
    15: 'nearly straight',
    40: 'softly round',
    60: 'well round',
    85: 'curled up',
  },
  littleDipFlexion: {
    [-20]: 'gives way backward',
    0: 'straight',
    20: 'softly bent',
    45: 'hooked',
  },
  thumbOpposition: {
    [-1.8]: 'toward the little finger',
    [-0.9]: 'across from the ring finger',
    [-0.4]: 'between middle and ring finger',
    0: 'across from the middle finger',
    1: 'toward the index',
  },
  gapRatio12: { 0.3: 'much closer', 1: 'as the hand hangs', 2: 'much wider' },
  gapRatio23: { 0.3: 'much closer', 1: 'as the hand hangs', 2: 'much wider' },
  gapRatio34: { 0.3: 'much closer', 1: 'as the hand hangs', 2: 'much wider' },
  thumbThrough: {
    [-4]: 'behind the stick, even where it shows below it',
    2: 'its tip just shows in the gap',
    8: 'through the gap, past the stick',
  },
  elbowBend: {
    0: 'locked',
    30: 'hanging soft',
    60: 'bent',
    90: 'propped out',
    120: 'far propped out',
  },
};

/** The number that stands small beside drawn choices that have a name. */
export const choiceNumber = {
  side: (n: string) => `side ${n} of 8`,
  share: (ratio: string) => `× ${ratio}`,
};

/** Places on a finger, from its tip. */
export const joints = {
  at: ['at the tip', 'at the first joint from the tip', 'at the second joint', 'at its base'],
  between: [
    'on the last pad',
    'between first and second joint from the tip',
    'between second joint and base',
  ],
  /** What the numbers count, where they stand by themselves. */
  counted: ' joints from the tip',
  brief: (figures: string) => `${figures} joints`,
  about: (place: string, u: string) => `${place} (${u})`,
  fromTo: (lo: string, hi: string) => `${lo} to ${hi}`,
  noDeeper: (place: string) => `no deeper than ${place}`,
  noShallower: (place: string) => `at least ${place}`,
} as const;

/** The verdict where no finger is near the ferrule: it does not say which way the hand has gone. */
export const noFingerAtTheMetal = 'no finger at the metal';
