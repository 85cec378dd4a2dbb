/** What is said of things that are taken away, in the terminal and in answers. */
export const eraseWords = {
  listDamaged: (file: string) =>
    `The list of what was erased (${file}) cannot be read, and without it a student who was erased could come back. Put it back from a backup (erased.json in the zip file), or move it away.`,
  erased: 'This was erased for good in the studio.',
  inBin: (until: string) =>
    `This was taken away in the studio, where it can be brought back until ${until}.`,
  nothingToRemove:
    'The studio does not have this: it was removed already, or has not reached it yet.',
  notBack: 'This cannot be brought back: it was erased, or its week is over.',
  ownerFirst:
    'Bring the student back first: a look, a take or a letter comes back to somebody who is there.',
  lookFirst: 'Bring the look back first: this belongs to it.',
  newerThere: 'Something newer stands in its place. Take that away first.',
  withheld:
    'The guardian does not let photographs be kept. Change that with the student first, then bring them back.',
} as const;
