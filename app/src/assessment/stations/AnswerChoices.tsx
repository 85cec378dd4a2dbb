import { View } from 'react-native';
import {
  tapMeasure,
  tapQuestion,
  type MeasureId,
  type Tap,
  type TapAnswer,
} from '@open-palm/core/measure';
import { AnswerFigure } from '../../drawing/figures/AnswerFigure';
import { strings } from '../../foundation/strings';
import { categoryName, choiceLabel, measureName } from '../../foundation/strings/measureWords';
import { DrawnChoices, type DrawnChoice } from './DrawnChoices';
import { OnFingerFigure } from './figures/OnFingerFigure';
import { OnStickFigure } from './figures/OnStickFigure';
import type { StationFacts } from './stationFacts';

/** A finger is touched more surely the longer it is drawn, px. */
const FINGER_PX = 320;

/** The drawn answers to a checkpoint, good ones included: one tap answers. */
export function AnswerChoices({
  measure,
  facts: { hold, side, skinTone, context },
  answer,
  watching,
  isDense,
  onAnswer,
}: {
  measure: MeasureId;
  facts: StationFacts;
  /** What was answered before. */
  answer: TapAnswer | null;
  /** Tells of no answer that it is good. */
  watching: boolean;
  /** Another question stands beside it. */
  isDense: boolean;
  onAnswer: (answer: TapAnswer) => void;
}) {
  const question = tapQuestion(measure, hold);
  const drawn = { measure, hold, side, skinTone };
  const was = answer?.kind === 'value' ? answer.value : null;
  const name = measureName(measure);
  const isGood = (one: Tap['answer']) =>
    !watching && tapMeasure({ measure, answer: one }, hold, context).verdict === 'in';
  switch (question.kind) {
    case 'values':
      return (
        <DrawnChoices
          question={name}
          isDense={isDense}
          options={question.values.map((value): DrawnChoice => {
            const one = { kind: 'value' as const, value, sd: question.sd };
            return {
              key: String(value),
              ...choiceLabel(measure, value),
              chosen: was === value,
              isGood: isGood(one),
              figure: <AnswerFigure {...drawn} answer={value} />,
              onPress: () => onAnswer(one),
            };
          })}
        />
      );
    case 'categories':
      return (
        <DrawnChoices
          question={name}
          isDense={isDense}
          options={question.categories.map((category): DrawnChoice => {
            const one = { kind: 'category' as const, category };
            return {
              key: category,
              label: categoryName(measure, category),
              ...(measure === 'thumbFacet' ? { small: strings.choiceNumber.side(category) } : {}),
              chosen: answer?.kind === 'category' && answer.category === category,
              isGood: isGood(one),
              figure: <AnswerFigure {...drawn} answer={category} />,
              onPress: () => onAnswer(one),
            };
          })}
        />
      );
    case 'onFinger':
      return (
        <View style={{ height: FINGER_PX }}>
          <OnFingerFigure
            label={name}
            finger={question.finger}
            side={side}
            skinTone={skinTone}
            value={was}
            onTake={(value) => onAnswer({ kind: 'value', value, sd: question.sd })}
          />
        </View>
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
