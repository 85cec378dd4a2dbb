import type { HandFile } from '@open-palm/contract';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import type { CheckDraft } from '../draft/checkDraft';
import type { LookEvent } from '../look/lookMachine';
import type { LookFacts } from '../look/useLookFacts';

/** What every step of a look knows, and how it tells what happens. */
export interface StepProps {
  handFile: HandFile;
  draft: CheckDraft;
  facts: LookFacts;
  log: LessonLog;
  send: (event: LookEvent) => void;
}

/** Whether verdicts wait until the look is done. */
export const hidesVerdicts = ({ watching, isDone }: CheckDraft): boolean => watching && !isDone;
