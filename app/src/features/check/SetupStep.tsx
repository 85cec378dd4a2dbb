import { View } from 'react-native';
import type { Student } from '@open-palm/contract';
import type { KnownLength } from '@open-palm/core/units';
import type { Hold } from '@open-palm/core/holds';
import { CONTEXTS, type Context, type View as PictureView } from '@open-palm/core/measure';
import { BackHeader } from '../../kit/BackHeader';
import { Button } from '../../kit/Button';
import { Choice, Choices } from '../../kit/Choice';
import { Notice } from '../../kit/Notice';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { space } from '../../kit/tokens';
import { strings } from '../../strings';
import { MarkedPicture } from './MarkedPicture';
import type { PreparedPicture } from './picture/preparePicture';
import { ViewFigure } from './ViewFigure';

const words = strings.check;

/** Step 1 of a look: how the bow is held now, from where the picture is, and the picture itself. */
export function SetupStep({
  student,
  hold,
  frogLength,
  context,
  view,
  picture,
  problem,
  onContext,
  onView,
  onPick,
  onFlip,
  onNext,
}: {
  student: Student;
  hold: Hold;
  frogLength: KnownLength;
  context: Context;
  view: PictureView;
  picture: PreparedPicture | null;
  /** Why the last chosen file could not be used. */
  problem: string | null;
  onContext: (context: Context) => void;
  onView: (view: PictureView) => void;
  onPick: () => void;
  onFlip: () => void;
  onNext: () => void;
}) {
  return (
    <Screen
      footer={
        picture ? (
          <>
            <Button label={words.otherPicture} onPress={onPick} />
            <Button label={words.place} primary onPress={onNext} style={{ flex: 1 }} />
          </>
        ) : (
          <Button
            label={words.picture}
            icon="camera-outline"
            primary
            onPress={onPick}
            style={{ flex: 1 }}
          />
        )
      }
    >
      <BackHeader
        title={words.title}
        under={`${student.name} · ${words.stepContext}`}
        backLabel={strings.nav.toStudent}
        onBack={`/students/${student.id}`}
      />
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      {picture ? (
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
      ) : null}
      <Choices question={words.view}>
        {(hold.views as PictureView[]).map((option) => (
          <Choice
            key={option}
            label={strings.views[option]}
            chosen={option === view}
            onPress={() => onView(option)}
            grow
          >
            <ViewFigure view={option} side={student.side} />
          </Choice>
        ))}
      </Choices>
      <Text variant="small" second>
        {strings.viewHints[view]}
      </Text>
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
      <View>
        <Text variant="small" second>
          {words.handIs(strings.sides[student.side])}
        </Text>
        <Text variant="small" second>
          {student.frogLengthMm === null
            ? words.frogEstimate(String(frogLength.mm), String(frogLength.sdMm))
            : words.frogMeasured(String(frogLength.mm))}
        </Text>
      </View>
    </Screen>
  );
}
