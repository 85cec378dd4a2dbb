import { useMemo } from 'react';
import { checkContacts } from '@open-palm/core/measure';
import type { View } from '@open-palm/core/measure';
import { studioNow } from '../../../foundation/api/clock';
import { AgreementsCard } from '../../../assessment/agreements/AgreementsCard';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Columns } from '../../../foundation/kit/Columns';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { FitCard } from '../fit/FitCard';
import { useWide } from '../../../foundation/kit/useWide';
import { strings } from '../../../foundation/strings';
import { LookSources } from '../LookSources';
import type { LookState, Shot } from '../look/lookState';
import type { Keeping } from '../look/useKeepLook';
import { hidesVerdicts, type StepProps } from '../steps/stepProps';
import { ResultAdvice } from './ResultAdvice';
import { ResultFooter } from './ResultFooter';
import { Photographs, ResultPicture } from './ResultPicture';
import { useResult } from './useResult';

const words = strings.result;

/** Step 3 of a look: the picture, the one thing to work on, the hand in space, everything that was seen; then it is kept. */
export function ResultStep({
  keeping,
  ...step
}: StepProps & {
  keeping: Keeping;
}) {
  const { handFile, draft, facts, log, send } = step;
  const { student } = handFile;
  const { state } = draft;
  const { hold, hand, look } = facts;
  const wide = useWide();
  const hides = hidesVerdicts(draft);
  const result = useResult(facts);
  const contacts = useMemo(() => checkContacts(look, hold), [look, hold]);
  const move = (shot: Shot) => send({ type: 'move', shot });
  const touch = () => send({ type: 'touch' });
  const another = (view = nextView(facts.taught.views as View[], state)) =>
    send({ type: 'another', view });
  return (
    <Screen
      columns
      footer={
        <ResultFooter
          mayPicture={student.photos === 'allowed'}
          hides={hides}
          saving={keeping.saving}
          onPicture={() => another()}
          onFinish={() => send({ type: 'finish' })}
          onSave={() => keeping.save(result.measures)}
        />
      }
    >
      <BackHeader
        title={hides ? strings.watching.title : words.title}
        under={`${student.name} · ${strings.contexts[look.context]} · ${strings.check.stepResult}`}
        backLabel={strings.nav.back}
        onBack={state.shots.length > 0 ? () => move(state.shots.at(-1)!) : touch}
      />
      {keeping.failure === null ? null : <Notice tone="out">{keeping.failure}</Notice>}
      <Columns
        picture={
          <ResultPicture
            {...{ student, state, facts, contacts, hides }}
            measures={result.measures}
          />
        }
      >
        {hides ? (
          <Notice>{strings.watching.on}</Notice>
        ) : (
          <ResultAdvice {...step} {...result}>
            <FitCard
              fit={result.fit}
              shots={state.shots}
              hold={hold}
              skinTone={student.skinTone}
              onMove={move}
              onPicture={another}
            />
          </ResultAdvice>
        )}
        <AgreementsCard
          student={student}
          marked={{ hold, middleFingerMm: hand.middleFinger.mm }}
          log={log}
          now={studioNow()}
        />
        {wide ? null : <Photographs shots={state.shots} />}
        <LookSources
          state={state}
          onMove={move}
          onRemove={(shotId) => send({ type: 'remove', shotId })}
          onTaps={touch}
        />
        {look.context === 'playing-end' ? <Notice>{strings.endOfLesson}</Notice> : null}
        <Notice>{strings.cautions.pain}</Notice>
        <Text variant="small" second>
          {strings.cautions.teacher}
        </Text>
      </Columns>
    </Screen>
  );
}

/** The first view of the hold from which there is no picture yet. */
const nextView = (views: readonly View[], { shots }: LookState): View =>
  views.find((view) => !shots.some((shot) => shot.view === view)) ?? views[0]!;
