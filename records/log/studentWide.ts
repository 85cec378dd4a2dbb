import type { LogEntry } from '@open-palm/contract';

/** Kinds of notes that are the student's and not one instrument's: they are shown on every one. */
export const STUDENT_WIDE = [
  'hurt',
  'cleared',
  'promise',
  'promiseState',
  'aid',
  'aidStep',
] as const satisfies readonly LogEntry['kind'][];

/**
 * Whether a note belongs to the student, whichever instrument it was made on.
 *
 * @example isStudentWide({ kind: 'promise' }) // true
 */
export const isStudentWide = ({ kind }: Pick<LogEntry, 'kind'>): boolean =>
  STUDENT_WIDE.some((wide) => wide === kind);
