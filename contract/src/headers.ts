/** Headers by which the app and the studio tell each other what a request is. */
export const HEADERS = {
  /** Which build of Open Palm speaks: on every request of the app, and on every answer. */
  build: 'Open-Palm-Build',
  /** On an answer of a studio that can only be read: whether its disk is full or closed. */
  reading: 'Open-Palm-Reading',
  /** Which studio answers; on a write, for which studio it was made. */
  studio: 'Open-Palm-Studio',
  /** The device that made what is written: a UUID of its own. */
  madeBy: 'Open-Palm-Made-By',
  /** The person who made what is written, by the id that the studio gave: it goes under no other name. */
  author: 'Open-Palm-Author',
  /** The id of an edit of something that changes; the same edit again is no conflict. */
  edit: 'Open-Palm-Edit',
  /** Edits of the same, made just before it, whose answers may have been lost: what they changed is known to this edit. */
  after: 'Open-Palm-After',
  /** The version that the edit is based on; 0 for something new. */
  basedOn: 'Open-Palm-Based-On',
} as const;
