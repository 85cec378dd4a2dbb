import { View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { LogEntryOf } from '@open-palm/contract';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space, TOUCH } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { dateWords } from '../../foundation/strings/dateWords';
import { dateOf } from './dueDates';

const words = strings.agreements;

/** Something that was agreed: ticked off with one touch, or let go. */
export function PromiseLine({
  promise,
  now,
  onEnd,
}: {
  promise: LogEntryOf<'promise'>;
  now: Date;
  onEnd: (promise: LogEntryOf<'promise'>, state: 'kept' | 'dropped') => void;
}) {
  const tokens = useTokens();
  const isLate = promise.due < dateOf(now);
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
      <IconButton
        icon="checkbox-blank-circle-outline"
        size={26}
        iconColor={tokens.ink}
        accessibilityLabel={words.tick(promise.words)}
        onPress={() => onEnd(promise, 'kept')}
        style={{ width: TOUCH, height: TOUCH, margin: 0 }}
      />
      <View style={{ flex: 1 }}>
        <Text>{promise.words}</Text>
        <Text variant="small" {...(isLate ? { color: tokens.out } : { second: true })}>
          {(isLate ? words.late : words.by)(dateWords(promise.due, now))}
        </Text>
      </View>
      <IconButton
        icon="close"
        size={20}
        iconColor={tokens.inkSecond}
        accessibilityLabel={words.drop(promise.words)}
        onPress={() => onEnd(promise, 'dropped')}
        style={{ width: TOUCH - 4, height: TOUCH - 4, margin: 0 }}
      />
    </View>
  );
}
