import { View } from 'react-native';
import { Button } from '../../../../foundation/kit/Button';
import { Text } from '../../../../foundation/kit/Text';
import { space } from '../../../../foundation/kit/tokens';
import { strings } from '../../../../foundation/strings';

const words = strings.testing;

/** A number that is counted up and down. */
export function Stepper({
  name,
  value,
  onValue,
}: {
  name: string;
  value: number | undefined;
  onValue: (value: number) => void;
}) {
  const now = value ?? 0;
  return (
    <View
      role="group"
      aria-label={name}
      style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}
    >
      <Text style={{ flex: 1 }}>{name}</Text>
      <Button
        label={words.minus}
        accessibilityLabel={words.less(name)}
        onPress={() => onValue(Math.max(0, now - 1))}
        compact
      />
      <Text variant="figure" style={{ minWidth: space(10), textAlign: 'center' }}>
        {String(now)}
      </Text>
      <Button
        label={words.plus}
        accessibilityLabel={words.more(name)}
        onPress={() => onValue(now + 1)}
        compact
      />
    </View>
  );
}
