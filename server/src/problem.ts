import { answers } from '@open-palm/words/answers';
import type { Conflict } from '@open-palm/contract';

/** An error meant for the client: it is answered as it stands, and not logged as a fault. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly where: string,
  ) {
    super(message);
    this.name = 'Problem';
  }
}

/** Two edits changed the same fields: a person chooses between what they sent and what stands here. */
export class ConflictProblem extends Problem {
  constructor(readonly conflict: Conflict) {
    super(409, 'edited', answers.edited, 'body');
  }
}

export const notFound = (what: string, where: string) =>
  new Problem(404, 'notFound', answers.notFound(what), where);
