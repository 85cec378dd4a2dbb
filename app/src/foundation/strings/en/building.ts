/** Words of building the hold step by step, and the names of the bow's parts. */

export const build = {
  title: 'Build the hold',
  open: 'Build it step by step',
  order: 'In which order?',
  step: (n: number, all: number) => `Step ${n} of ${all}`,
  done: 'Done',
  back: 'Step back',
  round: (n: number, all: number) => `Round ${n} of ${all}`,
  rounds: 'How often?',
  times: (n: number) => (n === 1 ? 'once' : `${n} times`),
  pencil: 'On a pencil first, then on a light part of the bow, then at the frog.',
  on: 'On what?',
  ons: { pencil: 'a pencil or thick marker', bow: 'the bow' },
  finished: 'Built',
  finishedText: (rounds: number, seconds: string) =>
    `${rounds === 1 ? 'Once' : `${rounds} times`}, in ${seconds} s. Shake the hand loose.`,
  again: 'Once more',
  leave: 'To the hand file',
  parts: 'The parts of the bow',
  tipEnd: 'The tip’s end of the bow',
  touch: 'Touch the bow to learn its names.',
  last: (order: string) => `Last time: ${order.toLowerCase()}.`,
  figure: (step: string) => `Drawn: ${step.toLowerCase()}`,
};

/** Names of the parts of a bow, with what each is. */
export const bowParts: Record<string, { name: string; what: string }> = {
  button: { name: 'Button', what: 'The screw that tightens the hair, at the hand’s end.' },
  frog: { name: 'Frog', what: 'The block that holds the hair and slides along the stick.' },
  eye: { name: 'Eye', what: 'The round mark on the frog’s side.' },
  slide: { name: 'Slide', what: 'The strip along the frog’s foot, over the hair.' },
  ferrule: { name: 'Ferrule', what: 'The metal band at the frog’s front.' },
  throat: { name: 'Throat', what: 'The rounded cut between the frog’s front and the stick.' },
  grip: { name: 'Grip', what: 'The leather where thumb and index rest.' },
  winding: { name: 'Winding', what: 'The wrap on the stick ahead of the grip.' },
  stick: { name: 'Stick', what: 'Eight-sided near the frog, round further on.' },
  hair: { name: 'Hair', what: 'It meets the string. Never touch it: skin leaves oil.' },
  tip: { name: 'Tip', what: 'The far end. What the little finger balances.' },
};
