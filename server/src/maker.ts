/** Who made something. */
export interface Maker {
  /** The device that made it, where it says so. */
  madeBy: string | null;
  /** The person who was signed in; null where nobody is, as in the demo, and for what a file brought in. */
  author: string | null;
}

/** What nobody at a screen made. */
export const BROUGHT_IN: Maker = { madeBy: null, author: null };

/** How a write came. */
export interface Written {
  /** The body as it came, before anything was filled in. */
  received: unknown;
  maker: Maker;
}
