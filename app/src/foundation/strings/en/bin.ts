import type { RemovableKind } from '@open-palm/contract';

const n = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

/** What is said of things that are removed, brought back and erased. */
export const bin = {
  title: 'Removed',
  help: 'What was removed in the last week: bring it back, or erase it now',
  none: 'Nothing was removed in the last week.',
  noneHelp:
    'A student, a look, a picture, a take or a letter that you remove lies here for a week. Until then it can be brought back.',
  remove: {
    student: 'Remove this student',
    check: 'Remove this look',
    picture: 'Remove this picture',
    photographs: 'Remove all photographs',
    take: 'Remove this take',
    letter: 'Remove this letter',
  } satisfies Record<RemovableKind, string>,
  asks: {
    student: (name: string) => `Remove ${name}?`,
    check: (name: string) => `Remove this look at ${name}’s hold?`,
    picture: () =>
      'Remove this picture? The points that were set on it stay, and so do the numbers.',
    photographs: (name: string) =>
      `Remove all photographs of ${name}? The points that were set on them stay, and so do the numbers.`,
    take: () => 'Remove this take?',
    letter: () => 'Remove this letter? It is also taken out of what stands ready to be sent.',
  } satisfies Record<RemovableKind, (name: string) => string>,
  goes: (parts: string) => `With it: ${parts}.`,
  ownCues: (count: number) =>
    `${n(count, 'cue', 'cues')} in your own words ${count === 1 ? 'was' : 'were'} first said here and ${count === 1 ? 'goes' : 'go'} too, for other students as well.`,
  week: (day: string) =>
    `It can be brought back until ${day} (Studio, Removed). Then it is erased for good.`,
  yes: 'Remove',
  no: 'Keep it',
  looks: (count: number) => n(count, 'look', 'looks'),
  pictures: (count: number) => n(count, 'picture', 'pictures'),
  takes: (count: number) => n(count, 'take', 'takes'),
  letters: (count: number) => n(count, 'letter', 'letters'),
  notes: (count: number) => n(count, 'note', 'notes'),
  removed: {
    student: (name: string) => `${name} was removed.`,
    check: (name: string) => `A look at ${name}’s hold was removed.`,
    picture: (name: string) => `A picture of ${name} was removed.`,
    photographs: (name: string) => `The photographs of ${name} were removed.`,
    take: (name: string) => `A take of ${name} was removed.`,
    letter: (name: string) => `A letter about ${name} was removed.`,
  } satisfies Record<RemovableKind, (name: string) => string>,
  undo: 'Bring it back',
  item: {
    student: (name: string) => name,
    check: (name: string, day: string) => `${name}, look of ${day}`,
    picture: (name: string, day: string) => `${name}, picture of ${day}`,
    photographs: (name: string) => `${name}, all photographs`,
    take: (name: string, day: string) => `${name}, take of ${day}`,
    letter: (name: string, day: string) => `${name}, letter on the look of ${day}`,
  } satisfies Record<RemovableKind, (name: string, day: string) => string>,
  until: (day: string) => `Erased for good on ${day}`,
  back: 'Bring back',
  backOf: (what: string) => `Bring back: ${what}`,
  erase: 'Erase now',
  eraseOf: (what: string) => `Erase now: ${what}`,
  eraseAsks: (what: string) => `Erase ${what} for good? This cannot be undone.`,
  eraseStudent:
    'Every look, picture, take, letter and note goes from the studio, from its kept backups (Studio, Backups), and from every device the next time it is connected. Files that you saved elsewhere, printed cards and sent letters are out of reach; but when an older backup is restored, this student is left out.',
  eraseOther:
    'It goes from the studio, and from every device the next time it is connected. Backups that were made before hold it: those made by themselves until fourteen newer ones are there (the last of a month for a year), those that you asked for as long as you keep them. Putting one back leaves it out.',
  eraseYes: 'Erase for good',
  eraseNo: 'Not now',
  holding: (count: number) =>
    `${n(count, 'backup still holds', 'backups still hold')} a student who was erased: ${count === 1 ? 'it is' : 'they are'} being written anew. If this stays, there may be too little room on the disk; a backup that is restored leaves the student out all the same.`,
  needsStudio: 'Removing needs the studio, and it does not answer just now.',
  withheldHelp:
    'Photographs that are kept here are removed when you save, and erased after a week. The points that were set on them stay, and so do the numbers.',
} as const;
