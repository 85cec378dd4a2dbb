import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { tapQuestion, type MeasureId, type TapAnswer } from '@open-palm/core/measure';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { Button } from '../../foundation/kit/Button';
import { Footer } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { READING_WIDTH, space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { measureName } from '../../foundation/strings/measureWords';
import { AnswerChoices } from './AnswerChoices';
import type { HandPart } from './handParts';
import { SignTokens } from './SignTokens';
import type { StationAnswers, StationFacts } from './stationFacts';

const words = strings.stations;

/** A part of the hand that was touched: its drawn variants, where the thumb reaches them; one tap answers and returns. */
export function PartScreen({
  part,
  title,
  facts,
  answers: { taps, seen, watching },
  onAnswer,
  onMark,
  onFine,
  onSkip,
  onBack,
}: {
  part: HandPart;
  /** What it is called where its station is not known. */
  title?: string | undefined;
  facts: StationFacts;
  answers: StationAnswers;
  onAnswer: (measure: MeasureId, answer: TapAnswer) => void;
  onMark: (sign: string, present: boolean | null) => void;
  onFine: () => void;
  /** It cannot be told: what was answered of it is taken back. */
  onSkip: () => void;
  onBack: () => void;
}) {
  const tokens = useTokens();
  const { judged, further, signs } = part;
  const isAnswered = further.some((id) => taps.some(({ measure }) => measure === id));
  const [showsFurther, setShowsFurther] = useState(judged.length === 0 || isAnswered);
  const listed = showsFurther ? [...judged, ...further] : judged;
  const [first] = listed;
  return (
    <View role="main" style={{ flex: 1, backgroundColor: tokens.ground }}>
      <ScrollView
        style={{ flex: 1 }}
        contentContainerStyle={{
          flexGrow: 1,
          width: '100%',
          maxWidth: READING_WIDTH,
          alignSelf: 'center',
          padding: space(4),
          gap: space(3),
        }}
      >
        <BackHeader
          title={title ?? words.parts[part.id]}
          {...(first ? { under: words.how[tapQuestion(first, facts.hold).kind] } : {})}
          backLabel={strings.nav.back}
          onBack={onBack}
        />
        <View style={{ flexGrow: 1, justifyContent: 'flex-end', gap: space(3) }}>
          {listed.map((measure) => (
            <View key={measure} style={{ gap: space(1) }}>
              {listed.length > 1 ? (
                <Text variant="label" second>
                  {measureName(measure)}
                </Text>
              ) : null}
              <AnswerChoices
                measure={measure}
                facts={facts}
                answer={taps.find((tap) => tap.measure === measure)?.answer ?? null}
                watching={watching}
                isDense={listed.length > 1}
                onAnswer={(answer) => onAnswer(measure, answer)}
              />
            </View>
          ))}
          {showsFurther && signs.length > 0 ? (
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
              <SignTokens signs={signs} hold={facts.hold} {...{ seen, onMark }} hand={facts} />
            </View>
          ) : null}
          {!showsFurther && further.length + signs.length > 0 ? (
            <Button
              label={words.somethingElse}
              icon="chevron-down"
              onPress={() => setShowsFurther(true)}
            />
          ) : null}
        </View>
      </ScrollView>
      <Footer>
        <Button label={words.cannotTell} onPress={onSkip} style={{ flex: 1 }} />
        <Button label={words.fine} icon="check" onPress={onFine} style={{ flex: 1 }} />
      </Footer>
    </View>
  );
}
