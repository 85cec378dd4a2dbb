import { deriveLook, type DerivedLook, type LookFacts } from './deriveLook';
import { deriveStanding, type DerivedStanding, type StandingFacts } from './deriveStanding';

/** What can be worked out: pure, so that it may run in a thread of its own. */
export interface Tasks {
  look: { facts: LookFacts; answer: DerivedLook };
  standing: { facts: StandingFacts; answer: DerivedStanding };
}

export type Task = { [K in keyof Tasks]: { kind: K; facts: Tasks[K]['facts'] } }[keyof Tasks];

/** What came of a task: its answer, or why it cannot be worked out, which is another thing than a thread that died. */
export type Outcome<Answer> = { answer: Answer } | { failure: string };

/** Works one thing out. */
export function runTask(task: Task): Outcome<DerivedLook | DerivedStanding> {
  try {
    return { answer: task.kind === 'look' ? deriveLook(task.facts) : deriveStanding(task.facts) };
  } catch (error) {
    return { failure: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
}
