import { View } from 'react-native';
import { Button } from '../../foundation/kit/Button';
import { letterKeys, useHasKeys } from '../../foundation/kit/letterKeys';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

const words = strings.handFile.keys;

/** Which letters lead where, told where there are keys; and how to turn them off. */
export function KeysLine() {
  const hasKeys = useHasKeys();
  const [isOn, set] = letterKeys.use();
  if (!hasKeys) return null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(3) }}>
      <Text variant="small" second style={{ flex: 1 }}>
        {isOn === 'on' ? words.told : words.off}
      </Text>
      <Button
        label={isOn === 'on' ? words.turnOff : words.turnOn}
        compact
        onPress={() => set(isOn === 'on' ? 'off' : 'on')}
      />
    </View>
  );
}
