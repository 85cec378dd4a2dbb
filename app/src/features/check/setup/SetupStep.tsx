import { router } from 'expo-router';
import { View } from 'react-native';
import { LOOK_CONTEXTS } from '@open-palm/core/measure';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { strings } from '../../../foundation/strings';
import { LoadPoints } from '../coco/LoadPoints';
import { isLookedAt } from '../look/lookState';
import type { StepProps } from '../steps/stepProps';
import { BeforeIt } from './BeforeIt';
import { ChosenFigure } from './ChosenFigure';
import { marksFromFile } from './marksFromFile';
import { PlaceInBow } from './PlaceInBow';
import { SetupFooter } from './SetupFooter';
import { ViewChoices } from './ViewChoices';

const words = strings.check;

/** Step 1 of a look: how the bow is held now, from where the picture is, and the picture itself. */
export function SetupStep({
  handFile: { student },
  draft: { state, shot, watching },
  facts: { setup, taught, hold, frogLength },
  send,
  flipping,
  onFlip,
}: StepProps & {
  /** While the picture is being turned over. */
  flipping: boolean;
  onFlip: () => void;
}) {
  const { picture, view } = shot;
  const isFirst = !isLookedAt(state);
  const mayPicture = student.photos === 'allowed';
  return (
    <Screen
      footer={
        <SetupFooter
          mayPicture={mayPicture}
          hasPicture={picture !== null}
          isFirst={isFirst}
          busy={flipping}
          send={send}
        />
      }
    >
      <BackHeader
        title={isFirst ? words.title : words.further}
        under={isFirst ? `${student.name} · ${words.stepContext}` : student.name}
        backLabel={isFirst ? strings.nav.toStudent : strings.nav.back}
        onBack={isFirst ? `/students/${student.id}` : () => send({ type: 'leave' })}
      />
      {mayPicture ? null : <Notice>{strings.photosWithheld}</Notice>}
      {picture ? (
        <>
          <ChosenFigure picture={picture} view={view} onFlip={onFlip} />
          <LoadPoints
            picture={picture}
            onPoints={(capture) =>
              send({
                type: 'pointsRead',
                view: capture.view,
                place: capture.place ?? null,
                marks: marksFromFile(capture, hold),
              })
            }
          />
        </>
      ) : null}
      {isFirst && student.setups.length > 1 ? (
        <Choices question={words.instrument}>
          {student.setups.map(({ id, instrument }) => (
            <Choice
              key={id}
              label={strings.instruments[instrument]}
              chosen={id === setup.id}
              onPress={() => router.setParams({ setup: id })}
            />
          ))}
        </Choices>
      ) : null}
      {isFirst ? <BeforeIt {...{ watching, send }} readiness={state.readiness} /> : null}
      {mayPicture ? (
        <ViewChoices
          {...{ taught, student, view }}
          onView={(chosen) => send({ type: 'framed', as: { view: chosen } })}
        />
      ) : null}
      {isFirst ? (
        <Choices question={words.context}>
          {LOOK_CONTEXTS.map((option) => (
            <Choice
              key={option}
              label={strings.contexts[option]}
              chosen={option === state.context}
              onPress={() => send({ type: 'context', context: option })}
            />
          ))}
        </Choices>
      ) : (
        <PlaceInBow
          usual={strings.contexts[state.context]}
          place={shot.place}
          onPlace={(place) => send({ type: 'framed', as: { place } })}
        />
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
