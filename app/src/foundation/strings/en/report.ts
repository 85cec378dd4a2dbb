/** Words of feedback that is sent. */

export const report = {
  title: 'Feedback',
  open: 'Write feedback',
  heading: (name: string, day: string) => `${name}: the bow hand, ${day}`,
  opening: (name: string) => `Dear ${name}, thank you for showing me your bow hold.`,
  holds: (list: string) => `What holds well already: ${list}.`,
  point: (seen: string, cue: string) => `${seen} ${cue}`,
  practise: (drills: string) =>
    `To practise, a minute or two several times a day: ${drills}. Stop when anything hurts.`,
  closing:
    'Short turns, several times a day. Look at the hold before the first note and after the last.',
  headingLabel: 'Heading',
  openingLabel: 'Opening',
  closingLabel: 'Closing',
  pointLabel: (n: number) => `Point ${n}`,
  up: (n: number) => `Move point ${n} up`,
  down: (n: number) => `Move point ${n} down`,
  remove: (n: number) => `Remove point ${n}`,
  add: 'Add a point',
  order: 'In order of what would get in the way later. Three or four are enough.',
  copy: 'Copy as text',
  copied: 'Copied.',
  pdf: 'Get the PDF',
  to: 'To (address)',
  mail: 'Put it into the outbox',
  conflict:
    'This feedback was changed elsewhere too. Look under “What waits”, and choose what counts.',
  waits:
    'The studio does not answer. Your words are kept on this device; print or mail them later.',
  mailed: (file: string) => `The mail lies ready as ${file} in the studio’s data folder.`,
  mailedBefore: (ago: string) => `Put into the outbox ${ago}.`,
  notKept: 'This was not kept yet:',
  rest: 'Rest until it no longer hurts, and tell me how it is.',
  noPoints: 'Nothing to fix was seen. Praise what holds, and add a point of your own if you like.',
  noPicture: 'This look has no picture; the letter goes without one.',
};
