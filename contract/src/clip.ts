/** So much of a text that came from outside is repeated where it is spoken of. */
const LONGEST = 60;

/** A text cut short with an ellipsis. */
export const clip = (text: string, longest: number = LONGEST): string =>
  text.length <= longest ? text : `${text.slice(0, longest - 1)}…`;
