import { parse, v5 as uuidv5, v7 as uuidv7 } from 'uuid';

/** Under this all ids of walks and of their looks are made; any fixed id would do. */
const WALKS = '6d0c7f9e-51b4-5c55-9d0f-3f1c3a3d2b10';

/** An id of version 7 that is the same wherever it is made from the same words, at a moment, ms since 1970. */
const fixedId = (words: string, msecs: number): string =>
  uuidv7({ msecs, random: parse(uuidv5(words, WALKS)) });

/**
 * The walk of a group on a day: two phones that walk it without a network walk the same one.
 *
 * @param day as 2026-12-02
 */
export const walkIdOf = (groupId: string, day: string): string =>
  fixedId(`walk ${groupId} ${day}`, Date.parse(`${day}T12:00:00Z`));

/** The look that a walk becomes for one player: the same however often the walk is sent. */
export const lookIdOf = (walk: { id: string; day: string }, studentId: string): string =>
  fixedId(`look ${walk.id} ${studentId}`, Date.parse(`${walk.day}T12:00:00Z`));
