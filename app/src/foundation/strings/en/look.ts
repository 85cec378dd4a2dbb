/** Words of a look at the hold: taking it, marking, answering by tap, and reading the result. */

export const check = {
  title: 'A look at the hold',
  further: 'Another picture',
  instrument: 'Which instrument?',
  byTap: 'By tap',
  whereInBow: 'Where in the bow is this picture?',
  asBefore: (context: string) => `As before: ${context.toLowerCase()}`,
  context: 'How is the bow held now?',
  view: 'From where is the picture?',
  picture: 'Take a picture',
  otherPicture: 'Another picture',
  place: 'Place the points',
  flip: 'Flip the picture',
  flipHelp: 'Selfie cameras mirror. If the hand in this picture is the wrong one, flip it.',
  pictureOf: (view: string) => `The chosen picture, ${view}`,
  handIs: (side: string) => `${side} holds the bow, as written in the student’s file.`,
  frogMeasured: (mm: string) => `Frog ${mm} mm, measured.`,
  frogEstimate: (mm: string, sd: string) =>
    `Frog ${mm} ± ${sd} mm, an estimate. Measure it once and every number gets firmer.`,
  stepContext: 'Step 1 of 3',
  stepMeasure: 'Step 2 of 3',
  stepResult: 'Step 3 of 3',
  problems: {
    notAPicture: 'This file is not a picture that can be opened. JPEG, PNG and WebP are fine.',
    tooLarge: (mb: number) =>
      `This file is larger than ${mb} MB. A smaller picture is enough to measure.`,
    tooManyPixels: (million: number) =>
      `This picture has more than ${million} million points. Set the camera to a smaller size: a quarter of that is plenty.`,
    damaged: 'This picture is damaged or incomplete. Please choose another.',
  },
};

export const seenView = {
  looksLike: (view: string) =>
    `The hand looks as it does from another view: ${view.toLowerCase()}.`,
  yes: 'Yes, it is that',
  no: 'No',
};

export const measure = {
  title: 'Place the points',
  next: 'Touch the picture at',
  selected: 'Chosen point',
  progress: (done: number, all: number) => `${done} of ${all}`,
  cannotSee: 'Can’t see it',
  undo: 'Undo',
  redo: 'Redo',
  zoomIn: 'Zoom in',
  zoomOut: 'Zoom out',
  fit: 'Whole picture',
  read: 'Read the result',
  done: 'Everything this view can tell is marked.',
  more: 'Mark the other points too',
  numbers: 'Live numbers',
  retake: (turn: string) => `Seen too obliquely for a firm number: ${turn}.`,
  noNumbers: 'Numbers appear here as soon as their points are set.',
  canvas:
    'The picture. Press Enter to call a guess right, or to set the next point in the middle; then move it with the arrow keys.',
  point: (name: string, x: number, y: number) => `${name}, at ${x}, ${y}`,
  keys: 'Keys: arrows move the chosen point, with Shift ten times as far; Enter on the picture calls a guess right or sets the next point; Ctrl+Z takes back, Ctrl+Y brings again. The wheel zooms, with Shift it pans.',
  mirrored:
    'The knuckles lie on the hair’s side. Is the picture mirrored, or are the stick’s ends swapped?',
  flip: 'Flip picture and points',
};

export const result = {
  restsOn: 'What this rests on',
  remove: 'Remove',
  addPicture: 'Picture',
  addTaps: 'Answer the rest by tap',
  changeTaps: (n: number) => (n === 1 ? 'One answer by tap' : `${n} answers by tap`),
  pictureGone: 'This picture is not here any more. The points that were set on it are.',
  tapped: (n: number) =>
    n === 1 ? 'One checkpoint was answered by tap.' : `${n} checkpoints were answered by tap.`,
  title: 'What was measured',
  save: 'Save this look',
  back: 'Move points',
  saving: 'Saving',
  wanted: (band: string) => `wanted ${band}`,
  noBand: 'no band: shown without a verdict',
  notFromView: (views: string) => `not from this view: take it from ${views}`,
  notApplicable: (why: string) => `makes no sense here: ${why}`,
  why: {
    notSeen: 'its points were not all seen',
    offStick: 'the finger is not at the stick',
    tapOnly: 'no picture shows it: answer it by tap',
    needsRelaxedHand: 'needs a picture of the hand at rest',
    needsHeelAndPoint: 'needs a look at the heel and one at the point',
  },
  nothingSeen: 'not looked at',
  lookedAt: 'looked good',
  conflict: 'what was seen does not agree: look again',
  sourcePicture: (view: string, value: string) => `${view}: ${value}`,
  sourceFitted: (views: string, value: string) => `fitted hand (${views}): ${value}`,
  counts: (source: string) => `counts: ${source}`,
  sourceTap: (value: string) => `answered by tap: ${value}`,
  retake: (turn: string) => `seen too obliquely for a firm number: ${turn}`,
  throughOrBehind:
    'it shows below the stick; whether through the gap or behind it, your eye must say',
  undecidable: 'this picture cannot decide it: take it closer or from another side',
  checkPoint: 'no joint bends like this: check its points',
  more: 'Show every number',
  less: 'Show less',
  picture: (view: string) => `The picture, ${view}, with its points`,
  portrait: 'The hold drawn from the numbers',
};

export const viewfinder = {
  title: 'Take the picture',
  more: 'More',
  setup: 'View and more',
  live: 'What the camera sees',
  ghost: 'The last picture from this side, faintly',
  hideGhost: 'Hide the last picture',
  showGhost: 'Show the last picture',
  relaxedHint: 'The hand hangs, its back to the camera; look straight at it.',
  noCamera: 'No camera can be used here. Choose a picture instead.',
  file: 'Choose a picture',
  shoot: 'Take it',
};

export const relaxed = {
  title: 'The hand at rest',
  none: 'A picture of the hanging hand shows its own gaps and lengths; the hold is then compared with them.',
  take: 'Take the hand at rest',
  again: 'Take it again',
  taken: (ago: string) => `Taken ${ago}.`,
  gaps: (mm: string) => `Gaps at the last joints, index to little finger: ${mm} mm`,
  lengths: (mm: string) => `Fingers as they show, index to little finger: ${mm} mm`,
  thumbFalls: {
    middle:
      'The thumb falls across from the middle finger: the hold can begin with that (Edit, which finger the thumb faces).',
    between:
      'The thumb falls between middle and ring finger: the hold can begin with that (Edit, which finger the thumb faces).',
  },
  curl: (deg: string) => `Curl of the last joints, index to little finger: ${deg}`,
  markTitle: 'The hand at rest',
  markHint: 'Mark every finger from its knuckle to its tip; thumb and wrist if you like.',
  save: 'Keep it',
};

export const coco = {
  download: 'Save the points as a file',
  load: 'Points from a file',
  rows: 'Points in this file',
  row: (n: number, file: string, view: string, points: number) =>
    `${n}. ${file}, ${view.toLowerCase()}, ${points} points`,
  refusedRow: (n: number, why: string) => `${n}. cannot be used: ${why}`,
  more: (n: number) => `${n} more rows are not listed.`,
  otherSize: (width: number, height: number) =>
    `These points belong to a picture of ${width} × ${height}.`,
};

export const stations = {
  step: (n: number, all: number) => `Station ${n} of ${all}`,
  portrait: 'The hold as it was answered so far',
  allFine: 'All fine here',
  restFine: 'Rest is fine',
  next: 'Go on',
  notSeen: 'Not seen',
  setup: 'Camera and set-up',
  contextIs: (context: string) => `How the bow is held: ${context}`,
  touch: 'Touch what is not right.',
  untouched: 'not touched',
  somethingElse: 'Something else about it',
  part: (name: string, answered: string) => `${name}: ${answered}`,
  parts: {
    thumbBend: 'Bend of the thumb',
    thumbTip: 'Tip of the thumb',
    thumbPlace: 'Place of the thumb',
    index: 'Index',
    middle: 'Middle finger',
    ring: 'Ring finger',
    spaces: 'Spaces between',
    littleTip: 'Its tip',
    littleBend: 'Its bend',
    knuckles: 'Knuckles and lean',
    wrist: 'Wrist',
    elbow: 'Elbow',
    bow: 'The bow itself',
  },
  /** Where parts of all stations stand together. */
  partsAmongAll: {
    littleTip: 'Little finger’s tip',
    littleBend: 'Little finger’s bend',
  } as Readonly<Record<string, string>>,
  cannotTell: 'Can’t tell',
  fine: 'Looks fine',
  about: (value: string) => `about ${value}`,
  how: {
    values: 'Touch the drawing that looks most like it.',
    categories: 'Touch what you see.',
    onFinger: 'Touch the finger where the stick lies.',
    onStick: 'Touch the stick where the thumb is.',
  },
  onStick: (mm: string) => `${mm} mm from the frog’s front`,
};

export const workOn = {
  first: 'Work on first',
  only: 'Work on',
  probably: (cause: string) => `Probably because ${cause}.`,
  perhaps: (cause: string) => `Perhaps because ${cause}.`,
  asLikely: (cause: string) => `Another cause is just as likely: ${cause}.`,
  because: (signs: string) => `What was seen: ${signs}.`,
  leaves: (signs: string) => `This alone does not explain that ${signs}.`,
  say: 'Say',
  another: 'Another way to say it',
  moreOfIt: (others: number) => (others === 0 ? 'Why, and what else' : 'Why, and a second thing'),
  lessOfIt: 'Only the sentence to say',
  drills: (names: string) => `To practise: ${names}`,
  notWorkedOut: 'What to work on could not be worked out on this device.',
  nothing: 'Nothing to fix',
  minor: 'Noted. Nothing to change while the hand is soft and sounds well.',
  watched: 'Seen while watching',
  watchedHelp: 'Only watch this time. Change something from the second time on.',
  rest: 'Rest now',
  restHelp:
    'No cue and no exercise while it hurts. Let the hand rest. A child tells a parent today.',
};

/** The one question of a lesson. */
export const askOne = {
  title: 'One look would help',
  question: (sign: string) => `Is it so that ${sign}?`,
  yes: 'Yes',
  no: 'No',
  notSure: 'Not sure',
  help: 'One tap; you can also leave it.',
};
