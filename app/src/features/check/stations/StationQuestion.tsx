import { View } from 'react-native';
import type { SkinTone } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import {
  tapQuestion,
  type MeasureId,
  type Side,
  type TapAnswer,
  type TapQuestion,
} from '@open-palm/core/measure';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Footer } from '../../../foundation/kit/Screen';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { READING_WIDTH, space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { categoryName, choiceLabel, measureName } from '../../../foundation/strings/measureWords';
import { AnswerFigure } from '../../../drawing/figures/AnswerFigure';
import { OnFingerFigure } from './figures/OnFingerFigure';
import { OnStickFigure } from './figures/OnStickFigure';
import { DrawnChoices } from './DrawnChoices';

const words = strings.stations;

/** One checkpoint, answered in one tap from drawings; nothing scrolls, and the taps lie where the thumb is. */
export function StationQuestion({
  measure,
  hold,
  side,
  skinTone,
  answer,
  onAnswer,
  onSkip,
  onBack,
}: {
  measure: MeasureId;
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
  /** What was answered before. */
  answer: TapAnswer | null;
  onAnswer: (answer: TapAnswer) => void;
  onSkip: () => void;
  onBack: () => void;
}) {
  const tokens = useTokens();
  const question = tapQuestion(measure, hold);
  return (
    <View role="main" style={{ flex: 1, backgroundColor: tokens.ground }}>
      <View
        style={{
          flex: 1,
          width: '100%',
          maxWidth: READING_WIDTH,
          alignSelf: 'center',
          padding: space(4),
          gap: space(3),
        }}
      >
        <BackHeader
          title={measureName(measure)}
          under={words.how[question.kind]}
          backLabel={strings.nav.back}
          onBack={onBack}
        />
        <View style={{ flex: 1, justifyContent: 'flex-end' }}>
          <Choices
            question={question}
            measure={measure}
            hold={hold}
            side={side}
            skinTone={skinTone}
            answer={answer}
            onAnswer={onAnswer}
          />
        </View>
      </View>
      <Footer>
        <Button label={words.cannotTell} onPress={onSkip} style={{ flex: 1 }} />
        <Button
          label={words.fine}
          icon="check"
          onPress={() => onAnswer({ kind: 'fine' })}
          style={{ flex: 1 }}
        />
      </Footer>
    </View>
  );
}

function Choices({
  question,
  measure,
  hold,
  side,
  skinTone,
  answer,
  onAnswer,
}: {
  question: TapQuestion;
  measure: MeasureId;
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
  answer: TapAnswer | null;
  onAnswer: (answer: TapAnswer) => void;
}) {
  const drawn = { measure, hold, side, skinTone };
  const was = answer?.kind === 'value' ? answer.value : null;
  const name = measureName(measure);
  switch (question.kind) {
    case 'values':
      return (
        <DrawnChoices
          question={name}
          options={question.values.map((value) => ({
            key: String(value),
            ...choiceLabel(measure, value),
            chosen: was === value,
            figure: <AnswerFigure {...drawn} answer={value} />,
            onPress: () => onAnswer({ kind: 'value', value, sd: question.sd }),
          }))}
        />
      );
    case 'categories':
      return (
        <DrawnChoices
          question={name}
          options={question.categories.map((category) => ({
            key: category,
            label: categoryName(measure, category),
            ...(measure === 'thumbFacet' ? { small: strings.choiceNumber.side(category) } : {}),
            chosen: answer?.kind === 'category' && answer.category === category,
            figure: <AnswerFigure {...drawn} answer={category} />,
            onPress: () => onAnswer({ kind: 'category', category }),
          }))}
        />
      );
    case 'onFinger':
      return (
        <OnFingerFigure
          label={name}
          finger={question.finger}
          side={side}
          skinTone={skinTone}
          value={was}
          onTake={(value) => onAnswer({ kind: 'value', value, sd: question.sd })}
        />
      );
    case 'onStick':
      return (
        <OnStickFigure
          label={name}
          hold={hold}
          side={side}
          skinTone={skinTone}
          value={was}
          onTake={(value) => onAnswer({ kind: 'value', value, sd: question.sd })}
        />
      );
  }
}
