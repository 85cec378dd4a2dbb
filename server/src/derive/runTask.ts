import { deriveLook, type DerivedLook, type LookFacts } from './deriveLook';
import { deriveStanding, type DerivedStanding, type StandingFacts } from './deriveStanding';

/** What can be worked out: pure, so that it may run in a thread of its own. */
export interface Tasks {
  look: { facts: LookFacts; answer: DerivedLook };
  standing: { facts: StandingFacts; answer: DerivedStanding };
}

export type Task = { [K in keyof Tasks]: { kind: K; facts: Tasks[K]['facts'] } }[keyof Tasks];

/** Works one thing out. */
export function runTask(task: Task): DerivedLook | DerivedStanding {
  return task.kind === 'look' ? deriveLook(task.facts) : deriveStanding(task.facts);
}
