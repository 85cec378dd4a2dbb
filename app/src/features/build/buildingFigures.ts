import type { Finger } from '@open-palm/core/hand';

/** What is drawn for a step of building a hold. */
export type StepFigure =
  /** The portrait with so much of the hand in place; what is not there yet is dotted. */
  | { kind: 'grip'; parts: readonly (Finger | 'thumb')[]; carried: boolean }
  /** The hand alone, hanging. */
  | { kind: 'hanging' }
  /** The bow, carried by the other hand. */
  | { kind: 'carried' }
  /** The bent thumb alone. */
  | { kind: 'thumb' }
  /** Hand and bow palm up, or on the way back. */
  | { kind: 'palmUp' }
  | { kind: 'turning' }
  /** On the string. */
  | { kind: 'playing' };

const ALL = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
const grip = (...parts: (Finger | 'thumb')[]): StepFigure => ({
  kind: 'grip',
  parts,
  carried: true,
});
const alone: StepFigure = { kind: 'grip', parts: ALL, carried: false };

/** Fingers that are in place after each step; a step adds to what the order has placed before it. */
export const STEP_ADDS: Readonly<Record<string, StepFigure>> = {
  loosen: { kind: 'hanging' },
  'arm-hangs': { kind: 'hanging' },
  'other-hand-carries': { kind: 'carried' },
  'bend-thumb': { kind: 'thumb' },
  'seat-thumb': grip('thumb'),
  'seat-thumb-under-frog': grip('thumb'),
  'circle-with-middle': grip('middle'),
  'add-ring': grip('ring'),
  'drop-index': grip('index'),
  'set-little': grip('little'),
  'set-middle-and-ring': grip('middle', 'ring'),
  'set-index-and-little': grip('index', 'little'),
  'drape-fingers': grip('index', 'middle', 'ring', 'little'),
  'pull-little-on-top': grip('little'),
  'bring-thumb-from-below': grip('thumb'),
  'bring-thumb-under-frog': grip('thumb'),
  'bow-laid-into-fingers': grip('index', 'middle', 'ring', 'little'),
  'add-thumb': grip('thumb'),
  'palm-up-hair-to-ceiling': { kind: 'palmUp' },
  'turn-over': { kind: 'turning' },
  'shake-hands-with-frog': grip('middle'),
  'button-into-web': grip(),
  'thumb-on-top': grip('thumb'),
  'little-under-frog': grip('little'),
  'ring-into-throat': grip('ring'),
  'index-and-middle-beside': grip('index', 'middle'),
  'stretch-and-curl': alone,
  'check-hollow-palm': alone,
  'other-hand-lets-go': alone,
  test: alone,
  play: { kind: 'playing' },
};

/** What is drawn at a step of an order: everything that was placed up to it. */
export function figureOf(steps: readonly string[], at: number): StepFigure {
  const figure = STEP_ADDS[steps[at]!] ?? alone;
  if (figure.kind !== 'grip') return figure;
  const parts = steps.slice(0, at + 1).flatMap((step) => {
    const added = STEP_ADDS[step];
    return added?.kind === 'grip' ? added.parts : [];
  });
  return { ...figure, parts: ALL.filter((part) => parts.includes(part)) };
}
