import type { LogEntryOf, Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { RankedCause } from '@open-palm/core/judge';
import type { Context } from '@open-palm/core/measure';
import type { LessonLog } from '../../foundation/api/lessonLog';

/** What every thing to work on needs to know of the lesson. */
export interface RecommendationFacts {
  hold: Hold;
  context: Context;
  student: Student;
  checkId: string;
  log: LessonLog;
  /** What the teacher put first, if they saw it differently. */
  chosen: LogEntryOf<'cause'> | null;
  ranked: readonly RankedCause[];
}
