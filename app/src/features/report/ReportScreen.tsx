import useSWR from 'swr';
import { useMemo } from 'react';
import type { Check, HandFile, Report } from '@open-palm/contract';
import { reportInputOf } from '@open-palm/contract/report';
import { gripFacts } from '@open-palm/records/grip';
import { openPainFlags } from '@open-palm/records/log';
import { ageBandOf } from '@open-palm/core/judge';
import { useLessonLog } from '../../foundation/api/lessonLog';
import { paths } from '../../foundation/api/paths';
import { useCheck, useFileOfCheck } from '../../foundation/api/queries';
import { useEntries } from '../../foundation/api/sync/useSync';
import { findHold } from '@open-palm/records/holds';
import { findingsOfLesson, historyBefore } from '../../assessment/advice/lesson';
import { AdviceFailed } from '../../assessment/advice/AdviceFailed';
import { useAdvice } from '../../assessment/advice/useAdvice';
import { Loaded } from '../../foundation/kit/Loaded';
import { firstDraft, POINTS } from './firstDraft';
import { findReport } from './reports';
import { ReportEditor } from './ReportEditor';
import { shownBy } from '../../drawing/portrait/portraitNumbers';
import { studioNow } from '../../foundation/api/clock';

/** Feedback on one check, to be sent: a few ordered points in editable words, with the marked pictures. */
export function ReportScreen({ checkId }: { checkId: string }) {
  const check = useCheck(checkId);
  return <Loaded from={check}>{(data) => <WithStudent check={data} />}</Loaded>;
}

function WithStudent({ check }: { check: Check }) {
  const handFile = useFileOfCheck(check);
  const { data, error, mutate } = useSWR<{ report: Report | null }, Error>(
    paths.report(check.id),
    async () => ({ report: await findReport(check.id) }),
  );
  return (
    <Loaded from={handFile}>
      {(file) => (
        <Loaded from={{ data, error, retry: () => void mutate() }}>
          {({ report: letter }) => <Feedback check={check} handFile={file} letter={letter} />}
        </Loaded>
      )}
    </Loaded>
  );
}

function Feedback({
  check,
  handFile,
  letter: report,
}: {
  check: Check;
  handFile: HandFile;
  letter: Report | null;
}) {
  const { student, ownHolds } = handFile;
  const log = useLessonLog(handFile);
  const { hold } = useMemo(
    () =>
      gripFacts(
        { ...check.grip, relaxedHandId: null },
        findHold(check.grip.holdId, ownHolds),
        null,
      ),
    [check, ownHolds],
  );
  const findings = findingsOfLesson(
    check.measures.map((merged) => ({ checkId: check.id, context: check.context, merged })),
    check.signs,
    log.entries,
    hold,
  );
  const age = ageBandOf(student.birthYear, studioNow().getFullYear());
  const { advice, isFailed, again } = useAdvice(findings, {
    hold,
    context: check.context,
    student: { history: historyBefore(log.entries, check.id), age },
    hurts: openPainFlags(log.entries).length > 0,
    asks: false,
    most: POINTS,
  });
  // The newest wording, sent or not, is what is gone on with.
  const waits = useEntries().find(({ kind, id }) => kind === 'letter' && id === check.id);
  const unsent = waits?.kind === 'letter' ? waits.body : null;
  const numbers = useMemo(
    () => ({
      hold,
      side: student.side,
      skinTone: student.skinTone,
      contacts: check.contacts,
      bowSize: check.grip.bowSize,
      middleFingerMm: check.grip.middleFinger.mm,
      pose: check.pose,
      ...shownBy(check.measures),
    }),
    [check, hold, student],
  );
  if (isFailed) return <AdviceFailed onAgain={again} />;
  if (advice === null) return null;
  return (
    <ReportEditor
      check={check}
      numbers={numbers}
      initial={
        unsent ??
        (report ? reportInputOf(report) : firstDraft(check, student, advice, log, hold.bow))
      }
      basedOn={report?.version ?? 0}
      studentName={student.name}
      mailedAt={report?.mailedAt ?? null}
    />
  );
}
