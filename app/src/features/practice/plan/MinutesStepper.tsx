import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice;
const MOST = 60;

/** Minutes a day for the hold, one more or one less. */
export function MinutesStepper({
  minutes,
  onChange,
}: {
  minutes: number;
  onChange: (minutes: number) => void;
}) {
  const size = { margin: 0, width: 48, height: 48 };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space(2) }}>
      <IconButton
        icon="minus"
        mode="outlined"
        accessibilityLabel={words.fewer}
        disabled={minutes <= 0}
        onPress={() => onChange(minutes - 1)}
        style={size}
      />
      <Text variant="figure" style={{ flex: 1, textAlign: 'center' }}>
        {words.minutes(minutes)}
      </Text>
      <IconButton
        icon="plus"
        mode="outlined"
        accessibilityLabel={words.more}
        disabled={minutes >= MOST}
        onPress={() => onChange(minutes + 1)}
        style={size}
      />
    </View>
  );
}
