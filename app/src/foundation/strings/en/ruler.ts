/** Words of checking the ruler: how well a device measures. */
export const ruler = {
  title: 'Check the ruler',
  intro:
    'How well does this device’s camera, and your finger on it, measure? Print a page with five known bends and lengths, take its picture as you take a hand’s, and touch its crosses.',
  print: { A4: 'Page for A4', LETTER: 'Page for US Letter' },
  printFailed: 'The page could not be made: the studio does not answer.',
  photograph: 'Take its picture',
  flat: 'Lay the page flat and hold the device right above its middle, so that all of it is seen.',
  last: (ago: string) => `Checked ${ago}`,
  never: 'Not checked on this device yet: the usual doubt of a touch counts.',
  forget: 'Back to the usual doubt',
  canvas: 'The page: touch the cross that is asked for',
  touch: (name: string) => `Touch the cross ${name}`,
  bar: { bar1: '0, the left end of the bar', bar2: '100, the right end of the bar' },
  progress: (done: number, all: number) => `${done} of ${all}`,
  undo: 'Undo',
  mark: (name: string) => `Cross ${name}`,
  noPage:
    'These crosses are no picture of the page: was one taken for another? Undo, or begin again.',
  again: 'Touch them again',
  keep: 'Keep this',
  kept: 'Kept for this device.',
  said: (bend: string, length: string) =>
    `On this page the bends were told to ± ${bend}° and the lengths to ± ${length} %.`,
  oneFlat:
    'That is one picture of something flat. A hand is not flat: what is told of it keeps its own, larger doubt.',
  touchSaid: (share: string, usual: string) =>
    `Your touches landed to about ± ${share} % of the picture; usually ± ${usual} % are counted.`,
  follows: 'Marks on this device count with the larger doubt from now on.',
  stays: 'The usual doubt stays: a joint under the skin is harder to see than a printed cross.',
  tilt: (deg: number) =>
    `The device was held about ${deg}° from right above: that is in these errors too. Hold it flatter for a hand as well.`,
  column: { figure: 'Figure', bend: 'Bend', told: 'told', length: 'Length' },
  bend: (deg: number) => `${deg}°`,
  toldBend: (deg: string) => `${deg}°`,
  length: (mm: number) => `${mm} mm`,
  toldLength: (mm: string) => `${mm} mm`,
};
