import { View } from 'react-native';
import { useAccess } from '../../../foundation/api/accessState';
import { deviceNow, useClockOff } from '../../../foundation/api/clock';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { dayWords } from '../../../foundation/strings/dateWords';
import { troubleWords as words } from '../../../foundation/strings/trouble';
import { causesOf, type Cause } from './causes';
import { TroubleFigure } from './TroubleFigure';

/** Each cause with its drawing and what helps. */
export function Causes() {
  const access = useAccess();
  const isClockOff = useClockOff() !== 0;
  const { origin } = window.location;
  const causes = causesOf({ isOnline: navigator.onLine, isClockOff, origin, access });
  const textOf = (cause: Cause): string => {
    switch (cause) {
      case 'clock':
        return words.causes.clock.text(dayWords(deviceNow().toISOString()));
      case 'moved':
        return words.causes.moved.text((access?.origins ?? []).join(strings.or));
      default:
        return words.causes[cause].text;
    }
  };
  return causes.map((cause) => (
    <Card key={cause} style={{ flexDirection: 'row', gap: space(3), alignItems: 'center' }}>
      <TroubleFigure kind={cause} label={words.causes[cause].title} />
      <View style={{ flex: 1 }}>
        <Text variant="strong" level={2}>
          {words.causes[cause].title}
        </Text>
        <Text variant="small">{textOf(cause)}</Text>
      </View>
    </Card>
  ));
}
