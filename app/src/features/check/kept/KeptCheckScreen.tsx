import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import type { Check, HandFile } from '@open-palm/contract';
import { gripFacts } from '@open-palm/records/grip';
import { READINESS } from '@open-palm/core/practice';
import { useLessonLog } from '../../../foundation/api/lessonLog';
import { useCheck, useFileOfCheck } from '../../../foundation/api/queries';
import { Breakdown } from '../../../assessment/breakdown/Breakdown';
import { VerdictOverrideProvider } from '../../../assessment/verdictOverride/verdictOverride';
import { findHold } from '@open-palm/records/holds';
import { useLessonOverrides } from '../../../assessment/advice/useLessonOverrides';
import { WorkOnCard } from '../../../assessment/advice/WorkOnCard';
import { RemoveButton } from '../../../assessment/removal/RemoveButton';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Columns } from '../../../foundation/kit/Columns';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { GripPortrait } from '../../../drawing/portrait/GripPortrait';
import { shownBy } from '../../../drawing/portrait/portraitNumbers';
import { strings } from '../../../foundation/strings';
import { listWords } from '../../../foundation/strings/listWords';
import { dayWords } from '../../../foundation/strings/dateWords';
import { KeptFitCard } from './KeptFitCard';
import { DownloadPoints } from '../coco/DownloadPoints';
import { KeptPicture } from './KeptPicture';

const words = strings.result;

/** A look as it was kept: the pictures with their points, and what was measured then. */
export function KeptCheckScreen({ checkId }: { checkId: string }) {
  const check = useCheck(checkId);
  return <Loaded from={check}>{(data) => <WithStudent check={data} />}</Loaded>;
}

function WithStudent({ check }: { check: Check }) {
  const handFile = useFileOfCheck(check);
  return <Loaded from={handFile}>{(data) => <KeptCheck check={check} handFile={data} />}</Loaded>;
}

function KeptCheck({ check, handFile }: { check: Check; handFile: HandFile }) {
  const { student, ownHolds } = handFile;
  const { captures, taps, grip, readiness } = check;
  const seen = useMemo(
    () => check.measures.map((merged) => ({ checkId: check.id, context: check.context, merged })),
    [check],
  );
  const log = useLessonLog(handFile);
  const eye = useLessonOverrides(seen, log);
  const notReady = readiness.filter(({ item, state }) => state !== READINESS[item][0]);
  // The look may be of an instrument that is no longer played.
  const isPlayed = student.setups.some(({ id }) => id === check.setupId);
  // Only what is wanted where nothing was seen comes from the hold; every verdict is the kept one.
  const { hold } = gripFacts(
    { ...grip, relaxedHandId: null },
    findHold(grip.holdId, ownHolds),
    null,
  );
  return (
    <Screen
      columns
      footer={
        <Button
          label={strings.report.open}
          icon="email-edit-outline"
          onPress={() => router.navigate(`/checks/${check.id}/feedback`)}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader
        title={dayWords(check.takenAt)}
        under={strings.contexts[check.context]}
        backLabel={strings.nav.toStudent}
        onBack={`/students/${check.studentId}${isPlayed ? `?setup=${check.setupId}` : ''}`}
      />
      <Columns
        picture={
          <View style={{ gap: space(3) }}>
            <Card style={{ padding: 0, overflow: 'hidden' }}>
              <GripPortrait
                label={words.portrait}
                numbers={{
                  hold,
                  side: student.side,
                  skinTone: student.skinTone,
                  contacts: check.contacts,
                  bowSize: grip.bowSize,
                  middleFingerMm: grip.middleFinger.mm,
                  pose: check.pose,
                  ...shownBy(check.measures),
                }}
              />
            </Card>
            {check.fits.map((fit) => (
              <KeptFitCard
                key={fit.captures.join()}
                fit={fit}
                views={captures.map(({ view }) => view)}
                hold={hold}
                skinTone={student.skinTone}
              />
            ))}
            {captures.map((capture) => (
              <KeptPicture key={capture.id} capture={capture} />
            ))}
            {taps.length > 0 ? (
              <Text variant="small" second>
                {words.tapped(taps.length)}
              </Text>
            ) : null}
            {captures.length > 0 ? <DownloadPoints check={check} /> : null}
            <RemoveButton
              removal={{ kind: 'check', ofId: check.id }}
              onRemoved={() => router.dismissTo(`/students/${check.studentId}`)}
            />
          </View>
        }
      >
        {notReady.length > 0 ? (
          <Notice>
            {strings.ready.left(
              listWords(
                notReady.map(({ item, word }) =>
                  word === null
                    ? strings.ready.items[item]
                    : `${strings.ready.items[item]} (${word})`,
                ),
              ),
            )}
          </Notice>
        ) : null}
        <WorkOnCard
          measures={seen}
          signs={check.signs}
          hold={hold}
          student={student}
          checkId={check.id}
          context={check.context}
          log={log}
        />
        <VerdictOverrideProvider value={eye}>
          <Breakdown
            measures={check.measures}
            notMeasured={[]}
            views={captures.map(({ view }) => view)}
          />
        </VerdictOverrideProvider>
      </Columns>
    </Screen>
  );
}
