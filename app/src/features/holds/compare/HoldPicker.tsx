import { ScrollView, View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { allHolds } from '@open-palm/records/holds';
import { fullHoldName } from '../../../foundation/strings/holdWords';
import { Choice } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';

/** One of all holds, in a row that is pushed sideways. */
export function HoldPicker({
  question,
  ownHolds,
  chosen,
  onChoose,
}: {
  question: string;
  ownHolds: readonly Hold[];
  chosen: string;
  onChoose: (id: string) => void;
}) {
  return (
    <View role="radiogroup" aria-label={question} style={{ gap: space(1) }}>
      <Text variant="label" second>
        {question}
      </Text>
      <ScrollView
        horizontal
        showsHorizontalScrollIndicator={false}
        contentContainerStyle={{ gap: space(2) }}
      >
        {allHolds(ownHolds).map((hold) => (
          <Choice
            key={hold.id}
            label={fullHoldName(hold)}
            chosen={hold.id === chosen}
            onPress={() => onChoose(hold.id)}
          />
        ))}
      </ScrollView>
    </View>
  );
}
