import { useMemo } from 'react';
import type { HandFile, HandHistory } from '@open-palm/contract';
import { calendarDay, dateOfDay, zoneOf } from '@open-palm/records/time';
import { deviceZone, studioNow } from '../../../foundation/api/clock';
import { useLessonLog } from '../../../foundation/api/lessonLog';
import { useHandFile, useHistory } from '../../../foundation/api/queries';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Screen } from '../../../foundation/kit/Screen';
import { followHistory } from '../followed';
import { UntoldLooks } from '../UntoldLooks';
import { TermEditor } from './TermEditor';
import { firstTime, pagesGiven } from './termTime';
import { useTermDraft, type TermChoices } from './useTermDraft';

/** A term on a page: for parents, for an audition, for the student; in the teacher's words. */
export function TermScreen({ studentId, setupId }: { studentId: string; setupId?: string }) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>{(data) => <WithHistory key={data.setupId} handFile={data} />}</Loaded>
  );
}

function WithHistory({ handFile }: { handFile: HandFile }) {
  const history = useHistory(handFile.student.id, handFile.setupId);
  return (
    <Loaded from={history}>
      {(data) =>
        data.workingOut > 0 ? (
          // A page for others is not written from a part of the looks.
          <Screen>
            <UntoldLooks workingOut={data.workingOut} />
          </Screen>
        ) : (
          <WithDraft handFile={handFile} history={data} />
        )
      }
    </Loaded>
  );
}

function WithDraft({ handFile, history }: { handFile: HandFile; history: HandHistory }) {
  const { student, setupId } = handFile;
  const log = useLessonLog(handFile);
  const today = dateOfDay(calendarDay(studioNow(), zoneOf(student, deviceZone())));
  const followed = useMemo(
    () => followHistory(history, log.entries, student),
    [history, log.entries, student],
  );
  const { found, ...keeper } = useTermDraft({
    studentId: student.id,
    setupId,
    studentName: student.name,
  });
  if (found === undefined) return null;
  const first: TermChoices = found ?? {
    ...firstTime(followed.counted, pagesGiven(log.entries), today),
    reader: 'parents',
    view: 'thumbSide',
    edits: {},
  };
  return (
    <TermEditor
      handFile={handFile}
      followed={followed}
      log={log}
      today={today}
      first={first}
      keeper={keeper}
    />
  );
}
