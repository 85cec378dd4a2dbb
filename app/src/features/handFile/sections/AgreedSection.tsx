import type { HandFile } from '@open-palm/contract';
import type { gripFacts } from '@open-palm/records/grip';
import { AgreementsCard } from '../../../assessment/agreements/AgreementsCard';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { ExperimentsCard } from '../experiments/ExperimentsCard';
import { PracticeCard } from '../PracticeCard';
import { ProvenCues } from '../ProvenCues';

/** What was agreed, what is practised until the next lesson, and what was said that worked. */
export function AgreedSection({
  handFile: { student, setupId, history },
  facts: { hold, hand },
  log,
  now,
}: {
  handFile: HandFile;
  facts: Pick<ReturnType<typeof gripFacts>, 'hold' | 'hand'>;
  log: LessonLog;
  now: Date;
}) {
  const isLookedAt = history.length > 0;
  const marked = { hold, middleFingerMm: hand.middleFinger.mm };
  return (
    <>
      {isLookedAt || log.entries.some(({ kind }) => kind === 'plan') ? (
        <PracticeCard student={student} setupId={setupId} log={log} now={now} />
      ) : null}
      <AgreementsCard student={student} marked={marked} log={log} now={now} />
      {isLookedAt ? (
        <>
          <ProvenCues log={log} now={now} />
          <ExperimentsCard student={student} log={log} now={now} />
        </>
      ) : null}
    </>
  );
}
