import { useMemo } from 'react';
import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import { lookFitsOf } from '@open-palm/core/fit';
import type { HandFacts } from '@open-palm/core/hand';
import type { BowSize } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import type { Finding } from '@open-palm/core/judge';
import {
  checkContacts,
  measureCheck,
  type Look,
  type MergedMeasure,
} from '@open-palm/core/measure';
import { studioNow } from '../../foundation/api/clock';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Breakdown } from '../../assessment/breakdown/Breakdown';
import { VerdictOverrideProvider } from '../../assessment/verdictOverride/verdictOverride';
import { AgreementsCard } from '../../assessment/agreements/AgreementsCard';
import { PainNotice } from '../../assessment/painFlags/PainNotice';
import { useLessonOverrides } from '../../assessment/advice/useLessonOverrides';
import { WorkOnCard } from '../../assessment/advice/WorkOnCard';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Columns } from '../../foundation/kit/Columns';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { useWide } from '../../foundation/kit/useWide';
import { GripPortrait } from '../../drawing/portrait/GripPortrait';
import { NOT_SHOWN, shownBy } from '../../drawing/portrait/portraitNumbers';
import { strings } from '../../foundation/strings';
import { LookSources } from './LookSources';
import type { LookState, Shot } from './look/lookState';
import { MarkedPicture } from '../../drawing/pictures/MarkedPicture';
import { FitCard } from './fit/FitCard';
import { useFit } from './fit/useFit';
import { useSampledBreakdown } from './useSampledBreakdown';

const words = strings.result;

/** Step 3 of a look: picture first, then the breakdown of everything that was seen, then it is kept. */
export function ResultStep({
  student,
  hold,
  bowSize,
  hand,
  look,
  state,
  checkId,
  log,
  start,
  hides,
  watches,
  saving,
  failure,
  onFinish,
  onMove,
  onRemove,
  onPicture,
  onTaps,
  onWhich,
  onAnswer,
  onSave,
}: {
  student: Student;
  /** As it is meant for the student. */
  hold: Hold;
  bowSize: BowSize;
  hand: HandFacts;
  look: Look;
  state: LookState;
  checkId: string;
  log: LessonLog;
  /** What was found at the start of the same lesson, where this is its end. */
  start: readonly Finding[] | null;
  /** Whether verdicts wait until the look is done. */
  hides: boolean;
  /** Only watching: what was seen is listed, nothing is corrected. */
  watches: boolean;
  saving: boolean;
  failure: string | null;
  /** The look is done: verdicts may be seen. */
  onFinish: () => void;
  onMove: (shot: Shot) => void;
  onRemove: (id: string) => void;
  onPicture: () => void;
  onTaps: () => void;
  /** Settles which of two signs that cannot both be was seen. */
  onWhich: (saw: string, not: string) => void;
  /** The answer to the one question becomes a sign of the look. */
  onAnswer: (sign: string, seen: boolean) => void;
  /** With what was told. */
  onSave: (told: readonly MergedMeasure[]) => void;
}) {
  const wide = useWide();
  const fit = useFit(look, hold, hand);
  const fits = useMemo(
    () =>
      fit.state.kind === 'fits'
        ? lookFitsOf(fit.state.fits.filter(({ captures }) => captures.length > 1))
        : [],
    [fit.state],
  );
  const firstOrder = useMemo(
    () => measureCheck(look, hold, hand, undefined, fits),
    [look, hold, hand, fits],
  );
  const { measures, notMeasured } = useSampledBreakdown(look, hold, hand, fits, firstOrder);
  const contacts = useMemo(() => checkContacts(look, hold), [look, hold]);
  const seen = useMemo(
    () => measures.map((merged) => ({ checkId, context: look.context, merged })),
    [measures, checkId, look.context],
  );
  const eye = useLessonOverrides(seen, log);
  const shown = useMemo(() => (hides ? NOT_SHOWN : shownBy(measures)), [hides, measures]);
  const photographs = (
    <View style={{ gap: space(3) }}>
      {state.shots.map(({ id, picture, view, marks }) => (
        <MarkedPicture
          key={id}
          url={picture.url}
          picture={picture}
          placed={marks.placed}
          label={words.picture(strings.views[view])}
        />
      ))}
    </View>
  );
  return (
    <Screen
      columns
      footer={
        <>
          {student.photos === 'allowed' ? (
            <Button label={words.addPicture} icon="camera-plus-outline" onPress={onPicture} />
          ) : null}
          {hides ? (
            <Button
              label={strings.watching.finish}
              primary
              onPress={onFinish}
              style={{ flex: 1 }}
            />
          ) : (
            <Button
              label={saving ? words.saving : words.save}
              primary
              busy={saving}
              disabled={saving}
              onPress={() => onSave(measures)}
              style={{ flex: 1 }}
            />
          )}
        </>
      }
    >
      <BackHeader
        title={hides ? strings.watching.title : words.title}
        under={`${student.name} · ${strings.contexts[look.context]} · ${strings.check.stepResult}`}
        backLabel={strings.nav.back}
        onBack={state.shots.length > 0 ? () => onMove(state.shots.at(-1)!) : onTaps}
      />
      {failure === null ? null : <Notice tone="out">{failure}</Notice>}
      <Columns
        picture={
          <>
            <Card style={{ padding: 0, overflow: 'hidden' }}>
              <GripPortrait
                label={words.portrait}
                numbers={{
                  hold,
                  side: student.side,
                  skinTone: student.skinTone,
                  contacts,
                  bowSize,
                  middleFingerMm: hand.middleFinger.mm,
                  ...shown,
                }}
              />
            </Card>
            {hides ? null : (
              <FitCard
                fit={fit}
                shots={state.shots}
                hold={hold}
                skinTone={student.skinTone}
                onMove={onMove}
                onPicture={onPicture}
              />
            )}
            {wide ? photographs : null}
          </>
        }
      >
        {hides ? (
          <Notice>{strings.watching.on}</Notice>
        ) : (
          <>
            <PainNotice log={log} now={studioNow()} />
            <WorkOnCard
              measures={seen}
              signs={state.signs}
              hold={hold}
              student={student}
              checkId={checkId}
              context={look.context}
              log={log}
              start={start}
              watches={watches}
              onWhich={onWhich}
              onAnswer={onAnswer}
            />
            {student.bands === 'off' ? <Notice>{strings.bandsOff}</Notice> : null}
            <VerdictOverrideProvider value={eye}>
              <Breakdown
                measures={measures}
                notMeasured={notMeasured}
                views={state.shots.map(({ view }) => view)}
              />
            </VerdictOverrideProvider>
          </>
        )}
        <AgreementsCard
          student={student}
          marked={{ hold, middleFingerMm: hand.middleFinger.mm }}
          log={log}
          now={studioNow()}
        />
        {wide ? null : photographs}
        <LookSources state={state} onMove={onMove} onRemove={onRemove} onTaps={onTaps} />
        {look.context === 'playing-end' ? <Notice>{strings.endOfLesson}</Notice> : null}
        <Notice>{strings.cautions.pain}</Notice>
        <Text variant="small" second>
          {strings.cautions.teacher}
        </Text>
      </Columns>
    </Screen>
  );
}
