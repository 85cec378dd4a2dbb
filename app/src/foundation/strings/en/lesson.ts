/** Words of what happens in a lesson beside the look: cues, another eye, pain, readiness, what waits. */

export const cueTry = {
  worked: 'Worked',
  notYet: 'Not yet',
  skip: 'Skip',
  did: (what: string, cue: string) => `${what}: ${cue}`,
  itWorked: 'It worked. The next lesson starts with it.',
  allTried: 'You have tried everything here. Add your own words?',
  ownWords: 'In your own words',
  ownLabel: 'What will you say?',
  keep: 'Keep it',
  effect: 'What did it do?',
  effectBefore: 'A word on the one before',
  sound: 'Sound',
  ease: 'Ease',
  effects: { better: 'better', same: 'the same', worse: 'worse' },
  word: 'A word about it (optional)',
  noted: 'Noted.',
  proven: 'What worked',
  provenLine: (cue: string, ago: string) => `“${cue}” · ${ago}`,
};

export const verdictOverride = {
  cause: 'I see it differently',
  causeQuestion: 'What do you work on first?',
  verdict: (name: string) => `I see it differently: ${name}`,
  verdictQuestion: 'How do you see it?',
  fine: 'It is fine',
  yours: (verdict: string) => `you: ${verdict}`,
  chosen: 'Your own eye put this first.',
  instead: (cause: string) => `Instead of: ${cause}.`,
  why: 'Why? (optional)',
  keep: 'Keep it',
  because: (word: string) => `“${word}”`,
  more: 'All others',
};

export const which = {
  title: 'Which was it?',
  both: (first: string, second: string) =>
    `You saw both that ${first} and that ${second}. At the same place in the bow these can’t both be true. Which is it?`,
  saw: (sign: string) => `I saw that ${sign}`,
};

export const holdsWell = (list: string) => `Going well: ${list}. Tell the student.`;

export const sinceStart = {
  title: 'Against the start of this lesson',
  same: 'Nothing has slipped since the start.',
  cameUp: (signs: string) => `Right at the start, and now ${signs}.`,
  stamina: 'That is a hand that tires, not a finger in the wrong place: shorter turns, more rests.',
};

export const painFlags = {
  open: 'It hurts',
  title: 'Does it hurt?',
  pain: 'It hurts',
  numb: 'Numb or tingling',
  notes: {
    pain: 'Pain was reported',
    numb: 'Numbness or tingling was reported',
  },
  stop: 'Tests are stopped and drills that load the little finger are taken off until this is cleared.',
  since: (what: string, ago: string) => `${what} ${ago}.`,
  clear: 'It is gone: clear this',
  clearSure: 'Yes, it is gone',
  back: 'It does not hurt',
  takenOff: 'Drills that load the little finger are taken off while it hurts.',
};

export const ready = {
  title: 'Before you start',
  open: 'Before you start',
  all: 'All ready',
  done: 'Go on',
  word: 'What is wrong? (optional)',
  left: (list: string) => `Not ready: ${list}`,
  items: {
    hair: 'Hair in the middle',
    nails: 'Thumbnail and nails',
    size: 'Size of the bow',
    seat: 'Feet, chair and shoulders',
    fit: 'Shoulder rest, endpin or height',
  },
  hints: {
    hair: 'About 6 mm between stick and hair, a quarter inch. Slacken it after playing; never touch the hair.',
    nails: 'A long thumbnail flattens the thumb. Look at the left hand too.',
    size: 'Too long or too heavy for the student?',
    seat: 'Feet flat and shoulder wide, a chair without arms, back tall, shoulders down.',
    fit: 'A bad fit shows up as a bad bow hand.',
  },
  states: {
    right: 'about 6 mm',
    slack: 'slack',
    tight: 'tight',
    short: 'short',
    long: 'too long',
    fits: 'fits',
    tooLarge: 'too large',
    good: 'good',
    wrong: 'not right',
  } as Record<string, string>,
};

export const watching = {
  mode: 'Only watch first',
  help: 'Hides every verdict until the look is done.',
  on: 'Watching: verdicts wait until the look is done.',
  title: 'Seen so far',
  finish: 'The look is done',
};

export const relaxation = {
  name: 'Relaxation',
  question: 'What do you see?',
  is: 'yes',
  isNot: 'no',
  answer: (sign: string, state: string) => `${sign}: ${state}`,
  tests: 'Whole-hand tests',
};

export const draft = {
  restored: 'Your unfinished look is back.',
  startAnew: 'Start anew',
  fine: 'Go on with it',
  title: 'Not finished',
  open: (name: string) => `Go on with the look at ${name}’s hold`,
  since: (ago: string) => `begun ${ago}`,
};

export const waiting = {
  title: 'Not sent yet',
  bar: (n: number) => (n === 1 ? '1 thing waits to be sent' : `${n} things wait to be sent`),
  offline: 'The studio does not answer. You can go on: everything is kept on this device.',
  reading: {
    full: 'The disk of the studio’s computer is full. You can read, and what you write is kept on this device.',
    readOnly:
      'The studio’s computer cannot write. You can read, and what you write is kept on this device.',
  },
  kinds: {
    check: (n: number) => (n === 1 ? '1 look' : `${n} looks`),
    relaxedHand: (n: number) => (n === 1 ? '1 hand at rest' : `${n} hands at rest`),
    take: (n: number) => (n === 1 ? '1 stroke' : `${n} strokes`),
    crossing: (n: number) => (n === 1 ? '1 string crossing' : `${n} string crossings`),
    log: (n: number) => (n === 1 ? '1 note of a lesson' : `${n} notes of lessons`),
    student: () => 'what is written down',
    letter: (n: number) => (n === 1 ? '1 feedback' : `${n} feedbacks`),
    hold: (n: number) => (n === 1 ? '1 hold of your own' : `${n} holds of your own`),
    group: (n: number) => (n === 1 ? '1 group' : `${n} groups`),
    walk: (n: number) => (n === 1 ? '1 walk through the row' : `${n} walks through the row`),
  },
  of: (kinds: string, name: string) => `${name}: ${kinds}`,
  needsYou: (n: number) => (n === 1 ? '1 thing needs you' : `${n} things need you`),
  open: 'What waits',
  why: 'Why?',
  renewed: 'Open Palm was renewed.',
  otherStudio: 'Another studio answers at this address now.',
  reload: 'Load it',
  remembered: 'The studio does not answer: this is what this device remembers.',
};

/** What stands under the look at the end of a lesson. */
export const endOfLesson =
  'Before the bow goes away: slacken the hair a few turns until it hangs loose, but never unscrew it fully.';

/** An adult's own log of experiments. */
export const experiments = {
  title: 'Experiments',
  none: 'Change one thing, play, and note what it did. Nothing here is right or wrong.',
  add: 'Note an experiment',
  what: 'What did you change?',
  keepIt: 'And now?',
  keeps: { keep: 'keep it', drop: 'drop it' },
  kept: { keep: 'kept', drop: 'dropped' },
  soundWas: (effect: string) => `sound ${effect}`,
  easeWas: (effect: string) => `ease ${effect}`,
  note: 'Note it',
  leave: 'Leave it',
  all: (n: number) => `Show all ${n}`,
};
