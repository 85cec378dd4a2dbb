import type { ImportPlan } from './plan';

/** What can be brought in at once. */
export type Brought = Pick<ImportPlan, 'students' | 'holds' | 'checks' | 'log' | 'groups'>;

/** So few that whoever asks the studio something meanwhile does not notice. */
const AT_ONCE = 40;

const KINDS = ['holds', 'students', 'checks', 'log', 'groups'] as const;

/** A plan in pieces, whatever others refer to first. */
export function* batchesOf(plan: Brought): Generator<Brought> {
  for (const kind of KINDS) {
    for (let from = 0; from < plan[kind].length; from += AT_ONCE) {
      yield {
        students: [],
        holds: [],
        checks: [],
        log: [],
        groups: [],
        [kind]: plan[kind].slice(from, from + AT_ONCE),
      };
    }
  }
}

/** How many pieces a plan has. */
export const batchCount = (plan: Brought): number =>
  KINDS.reduce((sum, kind) => sum + Math.ceil(plan[kind].length / AT_ONCE), 0);
