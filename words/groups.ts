/** What the studio says of groups, where it cannot do what it was asked for. */
export const groupWords = {
  inBin: 'This group was taken away. It can be brought back under Groups.',
} as const;
