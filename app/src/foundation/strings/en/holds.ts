import type { BowSize } from '@open-palm/core/bow';
import type { Instrument } from '@open-palm/core/holds';

export const holds: Record<string, string> = {
  'violin-shallow': 'shallow index',
  'violin-deep': 'deep index',
  'violin-starter': 'starter, thumb under the frog',
  fiddle: 'fiddle, long little finger',
  cello: 'little finger hanging over',
  'cello-small-hand': 'small hand',
  'french-bass-ring': 'French, ring finger at the ferrule',
  'french-bass-knuckles': 'French, knuckles on top',
  'german-bass': 'German',
};

export const instruments: Record<Instrument, string> = {
  violin: 'Violin',
  viola: 'Viola',
  cello: 'Cello',
  bass: 'Double bass',
};

export const bowSizes: Record<BowSize, string> = {
  '4/4': 'Full',
  '3/4': '3/4',
  '1/2': '1/2',
  '1/4': '1/4',
  '1/8': '1/8',
};

/** Why a school holds the bow as it does. */
export const about: Record<string, string> = {
  'violin-shallow':
    'The stick crosses the index between its last and middle joint. The bow rocks easily and the fingers can steer; the weight comes through a lean to the index.',
  'violin-deep':
    'The stick lies near the index’s middle joint or beyond it. The arm’s weight reaches the string with little effort; the fingers have less room to move.',
  'violin-starter':
    'The bent thumb sits on the metal under the frog, for small hands. Some teachers set a date to move up; others begin in the final place, because a thumb that collapses here does not carry over.',
  fiddle:
    'The little finger rests long on the stick and the thumb may lie just ahead of the frog. A relaxed arm comes first; others of the same tradition curl the little finger.',
  cello:
    'The hand hangs over the stick, the little finger beside the ring finger. The thumb pushes sideways into the stick; the weight rolls toward the index.',
  'cello-small-hand':
    'As the cello hold, with the stick nearer to the fingertips, so that a small hand need not stretch.',
  'french-bass-ring':
    'The ring finger’s tip touches the ferrule and the index stands well ahead of the thumb, where it carries the tip without a squeeze.',
  'french-bass-knuckles':
    'The middle joints of the second and third finger stand right on top of the stick. Another whole system: the hand drops naturally around it.',
  'german-bass':
    'The frog is taken from behind like a hand that is shaken: button in the web, thumb on top, little finger carrying from below.',
};

interface SettingWords {
  question: string;
  /** Why teachers differ here. */
  why: string;
  options: Record<string, string>;
}

/** The questions on which schools differ, by the setting's id. */
export const settings: Record<string, SettingWords> = {
  thumbSurface: {
    question: 'Where does the thumb sit?',
    why: 'All are taught. On the bare stick the grip is narrow; across stick and frog it is steadier; at the ferrule it suits small hands.',
    options: {
      straddling: 'across stick and frog',
      bareStick: 'on the bare stick',
      ferrule: 'at the ferrule',
      notSaid: 'no preference',
    },
  },
  thumbnail: {
    question: 'What does the thumbnail touch?',
    why: 'Against the frog the grip is wider, against the stick narrower: it goes by the size of the hand.',
    options: { either: 'no preference', frog: 'the frog', stick: 'the stick' },
  },
  thumbOpposes: {
    question: 'Which finger does the thumb face?',
    why: 'Some set it opposite the middle finger, some between middle and ring. Beyond them it breaks the balance in every school.',
    options: { either: 'either', middle: 'the middle finger', between: 'between middle and ring' },
  },
  thumbBend: {
    question: 'How bent is the thumb?',
    why: 'Some ask for a clear bend, some for anything soft. Locked or backward is wrong in both.',
    options: { bent: 'clearly bent', soft: 'soft is enough' },
  },
  thumbHair: {
    question: 'May the thumb touch the hair?',
    why: 'A help at the start for some, always or never for others. It is noted, and not judged.',
    options: { never: 'never', help: 'as a help at first', always: 'always' },
  },
  middleRing: {
    question: 'Middle and ring finger',
    why: 'Touching keeps the hand together; a little apart is how many hands hang.',
    options: { together: 'touching', apart: 'a little apart' },
  },
  wristCarriage: {
    question: 'How high is the wrist carried?',
    why: 'Level keeps the forearm and hand in one line; higher lets the fingers hang. Each is taught.',
    options: { level: 'level', higher: 'higher' },
  },
  frogEye: {
    question: 'What lies at the frog’s eye?',
    why: 'The ring finger covers it in deeper holds; in others the little finger stands just behind it.',
    options: {
      free: 'no preference',
      ringCovers: 'the ring finger covers it',
      littleBehind: 'the little finger stands behind it',
    },
  },
  celloLittle: {
    question: 'Where is the little finger?',
    why: 'Hanging over is usual; on top is a variant that is fine as long as it is not locked straight.',
    options: { over: 'hanging over', top: 'on top', flat: 'flat on the frog' },
  },
  fiddleLittle: {
    question: 'How does the little finger lie?',
    why: 'Resting long is common; curled on top it tilts the hand and frees the wrist. Collapsed is wrong in both.',
    options: { long: 'long and resting', curled: 'curled, on top' },
  },
  ferrule: {
    question: 'Which finger meets the metal?',
    why: 'The middle or the ring finger: it moves the whole hand a little forward or back.',
    options: { middle: 'the middle finger', ring: 'the ring finger' },
  },
  ringInThroat: {
    question: 'Where is the ring finger?',
    why: 'Inside the throat, or beside it: both are taught. It is noted, and not judged.',
    options: { throat: 'inside the throat', beside: 'beside the throat' },
  },
  ringAndLittle: {
    question: 'Ring and little finger',
    why: 'Some place them, some let them fall where they like.',
    options: { placed: 'placed', fall: 'fall where they like' },
  },
};

/** Orders in which a hold is built. */
export const building: Record<string, string> = {
  'thumb-first': 'Thumb first',
  'hand-first': 'Hand first',
  'palm-up': 'Palm up, then turned over',
  'arm-hangs': 'From the hanging arm',
  handshake: 'Like shaking hands',
};

/** Steps that are said otherwise on a pencil. */
export const pencilWords: Record<string, string> = {
  'other-hand-carries': 'The other hand carries the pencil',
  'seat-thumb': 'Seat its tip on the pencil',
  'seat-thumb-under-frog': 'Seat its tip under the pencil',
  'drape-fingers': 'Drape all fingers over the pencil',
  'bring-thumb-under-frog': 'Bring the bent thumb in from below',
  'bow-laid-into-fingers': 'Let someone lay the pencil into the fingers',
  'stretch-and-curl': 'Stretch all joints slowly, and curl them again',
};

export const steps: Record<string, string> = {
  loosen: 'Shake the arm loose and let it hang',
  'other-hand-carries': 'The other hand carries the bow',
  'bend-thumb': 'Bend the thumb',
  'seat-thumb': 'Seat its tip where stick and frog meet',
  'seat-thumb-under-frog': 'Seat its tip on the metal under the frog',
  'circle-with-middle': 'Close a circle with the middle finger',
  'add-ring': 'Add the ring finger',
  'drop-index': 'Let the index drop over',
  'set-little': 'Set the little finger last',
  'set-middle-and-ring': 'Add middle and ring finger',
  'set-index-and-little': 'Add index and little finger',
  'drape-fingers': 'Drape all fingers over the stick',
  'pull-little-on-top': 'Pull the little finger up on top',
  'bring-thumb-from-below': 'Bring the bent thumb in from below',
  'bring-thumb-under-frog': 'Bring the bent thumb in under the frog',
  'palm-up-hair-to-ceiling': 'Palm up, hair to the ceiling',
  'turn-over': 'Turn hand and bow over',
  'arm-hangs': 'Let the arm hang',
  'bow-laid-into-fingers': 'Have the bow laid into the fingers',
  'add-thumb': 'Add the thumb',
  'shake-hands-with-frog': 'Take the frog from behind, like a hand',
  'button-into-web': 'Button into the web of the hand',
  'thumb-on-top': 'Thumb on top',
  'little-under-frog': 'Little finger under the frog',
  'ring-into-throat': 'Ring finger bent into the throat',
  'index-and-middle-beside': 'Index and middle finger beside the stick',
  'check-hollow-palm': 'Check that the palm is hollow',
  'other-hand-lets-go': 'The other hand lets go once it holds',
  test: 'Test it',
  play: 'Play',
};

/** Whole-hand tests. */
export const tests: Record<string, string> = {
  'free-carry': 'Carry it free',
  'tip-raise': 'Raise the tip',
  'finger-lifts': 'Lift the fingers',
  'thumb-release': 'Release the thumb',
  pendulum: 'Pendulum',
  circles: 'Circles',
  'stick-crawl': 'Walk up the stick',
  're-form': 'Form it again, five times',
  'stop-and-look': 'Stop and look',
  'fewer-fingers': 'Fewer fingers',
  'even-weight': 'Feel the weight',
  squeeze: 'Feel for squeeze',
  'press-release': 'Press and release',
  'body-shift': 'Shift the body’s weight',
  'string-nudge': 'Nudge the string',
  wall: 'Against the wall',
};

/** Cautions, by the id that holds name them by. */
export const holdCautions: Record<string, string> = {
  pain: 'With pain, numbness, tingling or swelling: stop, rest, and see a physician or hand therapist. Open Palm measures and reminds; it does not diagnose.',
  hypermobility: 'Joints that bend very far may not fit these bands; a clinician decides.',
  children: 'Photographs of children need their guardian’s consent. They stay on this machine.',
  teacher: 'The bands are defaults. The student’s own teacher outranks them.',
};
