import { View } from 'react-native';
import type { Hold } from '@open-palm/core/holds';
import { fullHoldName } from '../../../foundation/strings/holdWords';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.holdsScreen;

/** How each hold is built, step by step in its orders, the tests that suit it, and what to take care of. */
export function HoldTeaching({ holds }: { holds: readonly Hold[] }) {
  const different = holds.filter((hold, i) => holds.findIndex(({ id }) => id === hold.id) === i);
  return (
    <>
      <Text variant="heading">{words.building}</Text>
      {different.map((hold) => (
        <Card key={hold.id} style={{ gap: space(3) }}>
          <Text variant="strong" level={3} style={{ fontSize: 18 }}>
            {fullHoldName(hold)}
          </Text>
          {hold.building.map(({ id, steps }) => (
            <View key={id} style={{ gap: space(1) }}>
              <Text variant="strong">{strings.building[id] ?? id}</Text>
              <Text variant="small">
                {steps.map((step) => strings.steps[step] ?? step).join(' → ')}
              </Text>
            </View>
          ))}
          <Part title={words.alsoTests} text={namesOf(hold.tests, strings.tests)} />
          <Part title={words.cautions} text={namesOf(hold.cautions, strings.holdCautions, ' ')} />
        </Card>
      ))}
    </>
  );
}

const namesOf = (ids: readonly string[], names: Record<string, string>, between = ' · ') =>
  ids.map((id) => names[id] ?? id).join(between);

function Part({ title, text }: { title: string; text: string }) {
  return (
    <View style={{ gap: space(1) }}>
      <Text variant="label" second>
        {title}
      </Text>
      <Text variant="small">{text}</Text>
    </View>
  );
}
