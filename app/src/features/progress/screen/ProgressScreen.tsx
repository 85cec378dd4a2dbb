import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import type { HandFile, HandHistory } from '@open-palm/contract';
import { dateOfDay } from '@open-palm/records/time';
import { FAMILIES, type Family } from '@open-palm/core/measure';
import { studioNow } from '../../../foundation/api/clock';
import { useLessonLog } from '../../../foundation/api/lessonLog';
import { useHandFile, useHistory } from '../../../foundation/api/queries';
import { findHold } from '@open-palm/records/holds';
import { holdName } from '../../../foundation/strings/holdWords';
import { InstrumentChoices } from '../../../assessment/instrument/InstrumentChoices';
import { Button } from '../../../foundation/kit/Button';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Columns } from '../../../foundation/kit/Columns';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { useAfterPaint } from '../../../foundation/kit/useAfterPaint';
import { strings } from '../../../foundation/strings';
import { dateWords } from '../../../foundation/strings/dateWords';
import { seriesName } from '../../../foundation/strings/measureWords';
import { progressWords } from '../../../foundation/strings/progress';
import { EVERYTHING, followHistory } from '../followed';
import { ProgressOverview } from '../ProgressOverview';
import { UntoldLooks } from '../UntoldLooks';
import { CueMemory } from './CueMemory';
import { FamilyDetail } from './FamilyDetail';
import { LessonsCost } from './LessonsCost';
import { LookFilter } from './LookFilter';
import { PlannedChanges } from './PlannedChanges';
import { ThenAndNow } from './ThenAndNow';

/** A student's hold over the weeks: what really changed, what drifts, what lessons cost, what was said that worked. */
export function ProgressScreen({
  studentId,
  setupId,
  family,
}: {
  studentId: string;
  setupId?: string;
  family?: string;
}) {
  const handFile = useHandFile(studentId, setupId);
  return (
    <Loaded from={handFile}>
      {(data) => <WithHistory handFile={data} {...(family === undefined ? {} : { family })} />}
    </Loaded>
  );
}

function WithHistory({ handFile, family }: { handFile: HandFile; family?: string }) {
  const history = useHistory(handFile.student.id, handFile.setupId);
  const first = FAMILIES.find((one) => one === family) ?? null;
  return (
    <Loaded from={history}>
      {(data) => <Weeks handFile={handFile} history={data} first={first} now={studioNow()} />}
    </Loaded>
  );
}

function Weeks({
  handFile,
  history,
  first,
  now,
}: {
  handFile: HandFile;
  history: HandHistory;
  first: Family | null;
  now: Date;
}) {
  const { student, setupId, ownHolds } = handFile;
  const log = useLessonLog(handFile);
  // The families first: what is below them follows in the next frame.
  const rest = useAfterPaint();
  const [filter, setFilter] = useState(EVERYTHING);
  const [picked, setPicked] = useState<Family | null>(first);
  const [thenId, setThenId] = useState<string | null>(null);
  const followed = useMemo(
    () => followHistory(history, log.entries, student, filter),
    [history, log.entries, student, filter],
  );
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { drifts } = followed.standing;
  // What drifts is what one came for.
  const drifting = FAMILIES.find((family) => drifts.some(({ series }) => series === family));
  const chosen = picked ?? drifting ?? 'thumb';
  const then = followed.checks.find(({ kept }) => kept.id === thenId);
  const cursors = then ? { cursors: [then.at] } : {};
  return (
    <Screen
      columns
      footer={
        history.checks.length > 0 ? (
          <Button
            label={progressWords.term}
            icon="file-document-outline"
            onPress={() => router.navigate(`/students/${student.id}/term?setup=${setupId}`)}
            style={{ flex: 1 }}
          />
        ) : null
      }
    >
      <BackHeader
        title={progressWords.title}
        under={`${student.name} · ${strings.students.line(strings.instruments[setup.instrument], holdName(taught))}`}
        backLabel={strings.nav.toStudent}
        onBack={`/students/${student.id}?setup=${setupId}`}
      />
      <InstrumentChoices setups={student.setups} ownHolds={ownHolds} setupId={setupId} />
      {drifts.map(({ series, sinceDay }) => (
        <Notice
          key={series}
          title={strings.today.reasons.drift(
            seriesName(series),
            dateWords(dateOfDay(sinceDay), now),
          )}
        >
          {progressWords.driftHelp}
        </Notice>
      ))}
      <UntoldLooks workingOut={history.workingOut} />
      <LookFilter filter={filter} onFilter={setFilter} />
      {followed.checks.length < 2 ? (
        <Text>{history.checks.length < 2 ? progressWords.none : progressWords.filter.empty}</Text>
      ) : (
        <Columns
          picture={
            <>
              <ProgressOverview
                followed={followed}
                now={now}
                chosen={chosen}
                onChoose={setPicked}
                {...cursors}
              />
              {rest ? (
                <ThenAndNow
                  followed={followed}
                  handFile={handFile}
                  taught={taught}
                  thenId={thenId}
                  onThen={setThenId}
                />
              ) : null}
            </>
          }
        >
          {rest ? (
            <>
              <FamilyDetail followed={followed} family={chosen} now={now} {...cursors} />
              <LessonsCost followed={followed} />
              <CueMemory log={log} now={now} />
              <PlannedChanges followed={followed} log={log} now={now} />
            </>
          ) : null}
        </Columns>
      )}
    </Screen>
  );
}
