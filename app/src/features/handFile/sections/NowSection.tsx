import { router } from 'expo-router';
import type { HandFile } from '@open-palm/contract';
import { familyStandings } from '@open-palm/core/measure';
import { BreakdownLines } from '../../../assessment/breakdown/BreakdownLines';
import type { SeenMeasure } from '../../../assessment/advice/lesson';
import { useLessonOverrides } from '../../../assessment/advice/useLessonOverrides';
import { VerdictOverrideProvider } from '../../../assessment/verdictOverride/verdictOverride';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { Button } from '../../../foundation/kit/Button';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { strings } from '../../../foundation/strings';
import { listWords } from '../../../foundation/strings/listWords';
import { measureName } from '../../../foundation/strings/measureWords';
import { agoWords } from '../../../foundation/strings/dateWords';

const words = strings.handFile;

/** How the hold stands now: a line a checkpoint, in its four families. */
export function NowSection({
  handFile: { student, fittedHand, history, lastSeen },
  seen,
  log,
  now,
}: {
  handFile: HandFile;
  seen: readonly SeenMeasure[];
  log: LessonLog;
  now: Date;
}) {
  const eye = useLessonOverrides(seen, log);
  const measures = seen.map(({ merged }) => merged);
  const inPassing = lastSeen.flatMap(({ latest: { context, merged } }) =>
    context === 'row' ? [measureName(merged.measure.id)] : [],
  );
  if (history.length === 0) return <Text second>{words.noHistory}</Text>;
  return (
    <>
      {student.bands === 'off' ? <Notice>{strings.bandsOff}</Notice> : null}
      <VerdictOverrideProvider value={eye}>
        <BreakdownLines
          measures={measures}
          standings={familyStandings(measures.map(({ measure }) => measure))}
        />
      </VerdictOverrideProvider>
      {inPassing.length > 0 ? (
        <Text variant="small" second>
          {words.inPassing(listWords([...new Set(inPassing)]))}
        </Text>
      ) : null}
      <Text variant="small" second>
        {words.drawnFrom}
      </Text>
      {fittedHand ? (
        <Button
          label={`${strings.fit.openStill} · ${agoWords(fittedHand.takenAt, now)}`}
          icon="rotate-3d-variant"
          compact
          onPress={() => router.navigate(`/checks/${fittedHand.checkId}`)}
        />
      ) : null}
    </>
  );
}
