import { useState } from 'react';
import { View } from 'react-native';
import type { Readiness, Student } from '@open-palm/contract';
import {
  HAIR_CLEARANCE_MM,
  READINESS,
  READINESS_ITEMS,
  type ReadinessItem,
} from '@open-palm/core/practice';
import { AnswerFigure } from '../../../drawing/figures/AnswerFigure';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';

const words = strings.ready;

/** Before any of it: hair, nails, size, seat and fit, with what was wrong. */
export function ReadyStep({
  student,
  readiness,
  onSet,
  onAll,
  onBack,
}: {
  student: Student;
  readiness: Readiness;
  onSet: (ready: Readiness[number]) => void;
  /** What was not said otherwise is ready; then on. */
  onAll: () => void;
  onBack: () => void;
}) {
  const isWhole = readiness.length === READINESS_ITEMS.length;
  return (
    <Screen
      footer={
        <Button
          label={isWhole ? words.done : words.all}
          icon="check"
          primary
          onPress={onAll}
          style={{ flex: 1 }}
        />
      }
    >
      <BackHeader
        title={words.title}
        under={student.name}
        backLabel={strings.nav.back}
        onBack={onBack}
      />
      <View style={{ width: 150, alignSelf: 'center' }}>
        <AnswerFigure
          measure="hairClearance"
          answer={HAIR_CLEARANCE_MM}
          side={student.side}
          skinTone={student.skinTone}
        />
      </View>
      {READINESS_ITEMS.map((item) => (
        <Item
          key={item}
          item={item}
          ready={readiness.find((one) => one.item === item) ?? null}
          onSet={onSet}
        />
      ))}
    </Screen>
  );
}

function Item({
  item,
  ready,
  onSet,
}: {
  item: ReadinessItem;
  ready: Readiness[number] | null;
  onSet: (ready: Readiness[number]) => void;
}) {
  const [right] = READINESS[item];
  const [word, setWord] = useState(ready?.word ?? '');
  return (
    <Card style={{ gap: space(2) }}>
      <Choices question={words.items[item]}>
        {READINESS[item].map((state) => (
          <Choice
            key={state}
            label={words.states[state]!}
            chosen={ready?.state === state}
            onPress={() => onSet({ item, state, word: null })}
          />
        ))}
      </Choices>
      <Text variant="small" second>
        {words.hints[item]}
      </Text>
      {ready && ready.state !== right ? (
        <WordField
          label={words.word}
          value={word}
          onChange={(text) => {
            setWord(text);
            onSet({ ...ready, word: text.trim() === '' ? null : text.trim() });
          }}
        />
      ) : null}
    </Card>
  );
}
