import { View } from 'react-native';
import type { Readiness, Setup, Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import {
  CONTEXTS,
  PLACES,
  type Context,
  type Place,
  type PlacedCapture,
  type View as PictureView,
} from '@open-palm/core/measure';
import { READINESS } from '@open-palm/core/practice';
import type { KnownLength } from '@open-palm/core/units';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Choice, Choices } from '../../foundation/kit/Choice';
import { Notice } from '../../foundation/kit/Notice';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';
import { LoadPoints } from './coco/LoadPoints';
import type { ChosenPicture } from '../../drawing/pictures/preparePicture';
import { MarkedPicture } from '../../drawing/pictures/MarkedPicture';
import { ViewFigure } from './ViewFigure';

const words = strings.check;

/** What is chosen before a picture is marked. */
interface Draft {
  view: PictureView;
  place: Place | null;
  picture: ChosenPicture | null;
}

/** Step 1 of a look: how the bow is held now, from where the picture is, and the picture itself. */
export function SetupStep({
  student,
  setup,
  hold,
  frogLength,
  context,
  isFirst,
  draft,
  busy,
  watching,
  readiness,
  onWatching,
  onReady,
  onSetup,
  onContext,
  onDraft,
  onTake,
  onFlip,
  onPoints,
  onTaps,
  onNext,
  onBack,
}: {
  student: Student;
  setup: Setup;
  hold: Hold;
  frogLength: KnownLength;
  context: Context;
  /** False once the look has a picture or an answer already. */
  isFirst: boolean;
  draft: Draft;
  /** While the picture is being turned over. */
  busy: boolean;
  /** Whether verdicts wait until the look is done. */
  watching: boolean;
  readiness: Readiness;
  onWatching: (watching: boolean) => void;
  onReady: () => void;
  onSetup: (setupId: string) => void;
  onContext: (context: Context) => void;
  onDraft: (changed: Partial<Draft>) => void;
  onTake: () => void;
  onFlip: () => void;
  /** Points of the picture that came from a file. */
  onPoints: (capture: PlacedCapture) => void;
  onTaps: () => void;
  onNext: () => void;
  /** Back to the result that this picture is added to; null leaves for the student's file. */
  onBack: (() => void) | null;
}) {
  const { picture, view } = draft;
  const mayPicture = student.photos === 'allowed';
  const notReady = readiness.filter(({ item, state }) => state !== READINESS[item][0]);
  return (
    <Screen
      footer={
        picture ? (
          <>
            <Button label={words.otherPicture} onPress={onTake} />
            <Button
              label={words.place}
              primary
              disabled={busy}
              onPress={onNext}
              style={{ flex: 1 }}
            />
          </>
        ) : (
          <>
            <Button
              label={words.byTap}
              icon="gesture-tap"
              primary={!mayPicture}
              onPress={onTaps}
              {...(mayPicture ? {} : { style: { flex: 1 } })}
            />
            {mayPicture ? (
              <Button
                label={words.picture}
                icon="camera-outline"
                primary
                onPress={onTake}
                style={{ flex: 1 }}
              />
            ) : null}
          </>
        )
      }
    >
      <BackHeader
        title={isFirst ? words.title : words.further}
        under={isFirst ? `${student.name} · ${words.stepContext}` : student.name}
        backLabel={isFirst ? strings.nav.toStudent : strings.nav.back}
        onBack={onBack ?? `/students/${student.id}`}
      />
      {mayPicture ? null : <Notice>{strings.photosWithheld}</Notice>}
      {picture ? (
        <>
          <ChosenFigure picture={picture} view={view} onFlip={onFlip} />
          <LoadPoints picture={picture} onPoints={onPoints} />
        </>
      ) : null}
      {isFirst && student.setups.length > 1 ? (
        <Choices question={words.instrument}>
          {student.setups.map(({ id, instrument }) => (
            <Choice
              key={id}
              label={strings.instruments[instrument]}
              chosen={id === setup.id}
              onPress={() => onSetup(id)}
            />
          ))}
        </Choices>
      ) : null}
      {isFirst ? (
        <View style={{ flexDirection: 'row', gap: space(2) }}>
          <Choice
            role="checkbox"
            label={strings.watching.mode}
            chosen={watching}
            onPress={() => onWatching(!watching)}
            grow
          />
          <Button
            label={strings.ready.open}
            icon={readiness.length > 0 ? 'check' : 'clipboard-check-outline'}
            onPress={onReady}
            compact
          />
        </View>
      ) : null}
      {notReady.length > 0 ? (
        <Text variant="small">
          {strings.ready.left(listWords(notReady.map(({ item }) => strings.ready.items[item])))}
        </Text>
      ) : null}
      {mayPicture ? (
        <>
          <Choices question={words.view}>
            {(hold.views as PictureView[]).map((option) => (
              <Choice
                key={option}
                label={strings.views[option]}
                chosen={option === view}
                onPress={() => onDraft({ view: option })}
                grow
              >
                <ViewFigure
                  view={option}
                  hold={hold}
                  side={student.side}
                  skinTone={student.skinTone}
                />
              </Choice>
            ))}
          </Choices>
          <Text variant="small" second>
            {strings.viewHints[view]}
          </Text>
        </>
      ) : null}
      {isFirst ? (
        <Choices question={words.context}>
          {CONTEXTS.map((option) => (
            <Choice
              key={option}
              label={strings.contexts[option]}
              chosen={option === context}
              onPress={() => onContext(option)}
            />
          ))}
        </Choices>
      ) : (
        <Choices question={words.whereInBow}>
          {[null, ...PLACES].map((option) => (
            <Choice
              key={option ?? 'same'}
              label={
                option === null
                  ? words.asBefore(strings.contexts[context])
                  : strings.contexts[option]
              }
              chosen={option === draft.place}
              onPress={() => onDraft({ place: option })}
            />
          ))}
        </Choices>
      )}
      <View>
        <Text variant="small" second>
          {words.handIs(strings.sides[student.side])}
        </Text>
        <Text variant="small" second>
          {setup.frogLengthMm === null
            ? words.frogEstimate(String(frogLength.mm), String(frogLength.sdMm))
            : words.frogMeasured(String(frogLength.mm))}
        </Text>
      </View>
    </Screen>
  );
}

function ChosenFigure({
  picture,
  view,
  onFlip,
}: {
  picture: ChosenPicture;
  view: PictureView;
  onFlip: () => void;
}) {
  return (
    <View style={{ gap: space(2) }}>
      <MarkedPicture
        url={picture.url}
        picture={picture}
        placed={{}}
        label={words.pictureOf(strings.views[view])}
      />
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(3) }}>
        <Text variant="small" second style={{ flex: 1 }}>
          {words.flipHelp}
        </Text>
        <Button label={words.flip} icon="flip-horizontal" onPress={onFlip} />
      </View>
    </View>
  );
}
