/** Words of the day's work: who is due and why, lessons, what was agreed, aids. */

export const today = {
  group: (at: string, players: number) =>
    `${at} · ${players === 1 ? '1 player' : `${players} players`}`,
  walk: 'Walk',
  walkGroup: (name: string) => `Walk the row of ${name}`,
  title: 'Today',
  onTop: 'The lesson on top',
  lessonNow: (at: string) => `Now, since ${at}`,
  lessonNext: (at: string) => `Next, at ${at}`,
  lessons: 'Lessons of the day',
  due: 'Due for a look',
  others: (n: number) => (n === 1 ? 'One more is not due' : `${n} more are not due`),
  lock: 'Lock the screen',
  moved: {
    title: 'The studio has moved to another address',
    text: (origin: string) =>
      `It is now at ${origin}. Open it there before this address ends; what waits here can be taken along as a file.`,
    take: 'What waits',
  },
  showOthers: 'Show them',
  hideOthers: 'Hide them',
  nobodyDue: 'Nobody else is due.',
  nobodyAtAll: 'Nobody is due today, and there is no lesson.',
  start: (name: string) => `Look at ${name}’s hold`,
  startShort: 'Look',
  open: (name: string) => `Open ${name}’s hand file`,
  emptyTitle: 'Your studio is empty',
  noStudents:
    'Add the first student, and the first look can begin. A list can be brought in from a table or from another Open Palm.',
  addFirst: 'Add your first student',
  importList: 'Import a list',
  unsentTitle: 'Not sent yet',
  sendNow: 'Send now',
  lookAtWaiting: 'Look at it',
  needsYouTitle: 'Needs you',
  needsYou: (n: number) =>
    n === 1
      ? '1 thing that you made could not be sent as it is. It is safe on this device.'
      : `${n} things that you made could not be sent as they are. They are safe on this device.`,
  unreadable: (n: number) =>
    n === 1
      ? '1 record of this studio could not be read and is left out here. Nothing is lost.'
      : `${n} records of this studio could not be read and are left out here. Nothing is lost.`,
  clockTitle: 'This device’s clock is wrong',
  clockOff: (device: string, studio: string) =>
    `It shows ${device}; the studio’s shows ${studio}. Looks are dated by the studio’s clock. What was noted without a network may carry the wrong day: set this device’s clock right.`,
  reasons: {
    hurt: (what: string, ago: string) => `${what} (${ago}): ask first, and no loading drills`,
    drift: (series: string, since: string) => `Drifting since ${since}: ${series}`,
    lapse: (ago: string) => `Something slipped by the look ${ago}: see whether it is back`,
    outOnce: (ago: string) => `Out once, at the look ${ago}: see whether it lasts`,
    aid: (aid: string, off: string) => `${aid}: was planned to come off on ${off}`,
    promise: (due: string, words: string) => `Agreed by ${due}: ${words}`,
    log: (ago: string) => `A practice log came ${ago}`,
    planEnds: (on: string, lesson: string) =>
      `The practice plan ends on ${on}, the next lesson is on ${lesson}`,
    noPlan: 'No practice plan yet',
    unsure: 'Unsure twice: a better picture or a hand test, please',
    never: 'Not looked at yet',
    interval: (good: string, due: string) => `${good}, due since ${due}`,
    dueToday: (good: string) => `${good}, due today`,
    notDue: (good: string, due: string) => `${good}, next look ${due}`,
  },
  good: (n: number, settled: boolean) =>
    n === 0
      ? settled
        ? 'Settled, out once'
        : 'Still settling'
      : n === 1
        ? 'One good lesson'
        : `${n} good lessons in a row`,
};

export const lessonFields = {
  title: 'Weekly lesson',
  none: 'None',
  at: 'At',
  atHelp: 'By the clock on the student’s wall, such as 16:00.',
  zone: 'Time zone',
  zoneHelp: 'The student’s, such as Europe/Berlin.',
  days: {
    monday: 'Mon',
    tuesday: 'Tue',
    wednesday: 'Wed',
    thursday: 'Thu',
    friday: 'Fri',
    saturday: 'Sat',
    sunday: 'Sun',
  },
  photos: 'Photographs of the hand',
  photosOptions: { allowed: 'Allowed', withheld: 'Not allowed: looks by tap' },
  bands: 'Compare this hand with the hold’s ranges?',
  bandsOptions: { on: 'Yes', off: 'No: show, do not judge' },
  bandsHelp:
    'For hypermobile joints: bands may not fit, and a clinician decides. Everything is still measured and kept.',
  audits: 'Who looks between lessons?',
  auditsOptions: { no: 'The teacher looks', yes: 'Checks their own hold every 90 days' },
};

export const bandsOff =
  'Bands do not judge this hand. Where joints are hypermobile, a clinician decides what fits.';

export const photosWithheld =
  'Photographs of this hand are not allowed: looks are answered by tap only.';

/** What aids are called, and how one does without them. */
export const aids: Record<string, string> = {
  'outlined-sleeve': 'Sleeve with finger outlines',
  'soft-grip': 'Soft grip on the bow',
  'finger-loop': 'Rubber loop for a finger',
  'finger-marks': 'Marks on the fingers',
  'stick-mark': 'Mark on the stick',
  'path-guide': 'Guide for the bow’s path',
};

/** What to know before an aid is started. */
export const aidHints: Partial<Record<string, string>> = {
  'outlined-sleeve': 'A day or two, then without; later only as needed.',
  'finger-loop':
    'Through the frog’s opening, both ends over the button, the ring finger inside. Loose: it only reminds.',
  'finger-marks':
    'Small dots where the stick lies, in a washable colour that is kind to skin. Ask first. They go by this day.',
  'stick-mark': 'A strip of tape beside the place: never on the hair.',
};

export const aidSteps = {
  firstMinutes: 'Only for the first five minutes',
  everyOtherDay: 'Every other day',
  onlyToSetUp: 'Only to set the hand up, then off',
  looser: 'Looser, so that it only reminds',
  feltFirst: 'Feel for the place first, then look at the mark',
  without: 'Without it',
};

export const agreements = {
  marksTitle: 'The open hand, with a dot wherever the stick is to lie',
  markAt: (finger: string, place: string) => `${finger} ${place}`,
  marksMap: (list: string) => `Dots: ${list}; the thumb beside its nail.`,
  title: 'Agreed',
  none: 'Nothing is agreed at the moment.',
  add: 'Agree on something',
  what: 'What is agreed?',
  when: 'By when?',
  whens: { lesson: 'Next lesson', week: 'In a week', month: 'In a month', other: 'Another day' },
  date: 'Day, such as 2026-12-24',
  dateWrong: 'A day is needed, such as 2026-12-24.',
  keep: 'Keep it',
  cancel: 'Leave it',
  by: (day: string) => `by ${day}`,
  late: (day: string) => `was for ${day}`,
  tick: (words: string) => `Done: ${words}`,
  drop: (words: string) => `Let it go: ${words}`,
  undo: 'Undo',
  kept: (words: string) => `Kept: ${words}`,
  dropped: (words: string) => `Let go: ${words}`,
  addAid: 'Start an aid',
  whichAid: 'Which aid?',
  offBy: 'To be without it by',
  aidLine: (from: string, off: string) => `Since ${from}, to be off by ${off}.`,
  aidLate: (from: string, off: string) => `Started ${from}; was planned to come off on ${off}.`,
  aidStays: 'An aid that stays becomes the hold.',
  step: (step: string, by: string) => `${step} · by ${by}`,
};
