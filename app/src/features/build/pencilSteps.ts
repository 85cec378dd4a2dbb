/** Steps that need a bow, or its frog turned to the ceiling; on a pencil there is nothing to turn. */
const NEEDS_A_BOW = new Set(['palm-up-hair-to-ceiling', 'turn-over', 'play']);

/** The steps of an order on a pencil: the same ones without the frog, and at the end all joints stretch and curl. */
export const pencilSteps = (steps: readonly string[]): string[] => [
  ...steps.filter((step) => !NEEDS_A_BOW.has(step)),
  'stretch-and-curl',
];
